import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette } from './theme';

export type TapeMark = { at: number; label?: string; kind: 'likely' | 'safe' | 'wish' | 'today' };
export type TapeTick = { at: number; label?: string };

const BAND = 30;
const LABELS = 22;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

/**
 * Time as a tape measure. `at` runs from 0 to 1 along the tape; the text version is the caller's, in
 * `spoken`. The wish is a dashed brick line with its day; likely and fairly safe hang under the tape as two
 * plumb marks with the stretch between them shaded, and the caller says their days beside it.
 */
export function Tape({
  ticks,
  marks,
  spoken,
}: {
  ticks: readonly TapeTick[];
  marks: readonly TapeMark[];
  spoken: string;
}) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const x = (at: number) => Math.min(1, Math.max(0, at)) * width;
  const likely = marks.find(({ kind }) => kind === 'likely');
  const safe = marks.find(({ kind }) => kind === 'safe');
  return (
    <View
      role="img"
      aria-label={spoken}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{ height: BAND + LABELS }}
    >
      {width > 0 ? (
        <Svg width={width} height={BAND + LABELS} aria-hidden>
          <Rect width={width} height={BAND} fill={palette.tape} />
          {likely && safe ? (
            <Rect
              x={x(likely.at)}
              width={Math.max(2, x(safe.at) - x(likely.at))}
              height={BAND}
              fill={palette.strip}
              fillOpacity={0.4}
            />
          ) : null}
          <Ticks ticks={ticks} x={x} width={width} ink={palette['tape-ink']} />
          {marks.map((mark) => (
            <Mark key={mark.kind} mark={mark} x={x(mark.at)} width={width} />
          ))}
        </Svg>
      ) : null}
    </View>
  );
}

function Ticks({
  ticks,
  x,
  width,
  ink,
}: {
  ticks: readonly TapeTick[];
  x: (at: number) => number;
  width: number;
  ink: string;
}) {
  const labelled = ticks.filter(({ label }) => label !== undefined);
  const apart = labelled.length > 1 ? x((labelled[1]?.at ?? 0) - (labelled[0]?.at ?? 0)) : width;
  // Names of months that would run into each other are left out by turns.
  const every = Math.max(1, Math.ceil(34 / Math.max(1, apart)));
  return (
    <G>
      {ticks.map(({ at, label }) => {
        const position = labelled.findIndex((tick) => tick.at === at);
        const shown = label !== undefined && position % every === 0 && x(at) < width - 24;
        return (
          <G key={at}>
            <Line
              x1={x(at)}
              x2={x(at)}
              y1={0}
              y2={label ? 13 : 7}
              stroke={ink}
              strokeWidth={label ? 2 : 1}
            />
            {shown ? (
              <SvgText x={x(at) + 3} y={25} fontSize={12} fontFamily={FONT} fill={ink}>
                {label}
              </SvgText>
            ) : null}
          </G>
        );
      })}
    </G>
  );
}

function Mark({ mark, x, width }: { mark: TapeMark; x: number; width: number }) {
  const palette = usePalette();
  const anchor = x > width * 0.6 ? 'end' : x < width * 0.2 ? 'start' : 'middle';
  if (mark.kind === 'wish' || mark.kind === 'today') {
    const color = mark.kind === 'wish' ? palette.brick : palette.ink;
    return (
      <G>
        <Line
          x1={x}
          x2={x}
          y1={0}
          y2={BAND + 4}
          stroke={mark.kind === 'wish' ? palette.brick : palette['tape-ink']}
          strokeWidth={2}
          strokeDasharray={mark.kind === 'wish' ? '5 3' : undefined}
        />
        {mark.label ? (
          <SvgText
            x={x}
            y={BAND + 17}
            fontSize={13}
            fontFamily={FONT}
            fill={color}
            textAnchor={anchor}
          >
            {mark.label}
          </SvgText>
        ) : null}
      </G>
    );
  }
  return (
    <Path
      d={`M${x} ${BAND + 1} l-5 8 h10 z`}
      fill={mark.kind === 'likely' ? palette.spruce : palette.soft}
    />
  );
}
