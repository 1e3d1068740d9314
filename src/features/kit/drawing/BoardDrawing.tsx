import { G, Rect, Text as SvgText } from 'react-native-svg';
import { usePalette } from '@/ui';
import { frameFor } from './frame';
import { Paper } from './Paper';

const FONT = 'AtkinsonHyperlegibleNext_400Regular';
const HEIGHT = 38;
const LETTER = 7;

/** One board with its cuts in order, to the scale of the longest on sale; what is left is drawn empty. */
export function BoardDrawing({
  stock,
  longest,
  cuts,
  kerf,
  spoken,
}: {
  stock: number;
  longest: number;
  cuts: readonly { length: number; name: string }[];
  kerf: number;
  spoken: string;
}) {
  const palette = usePalette();
  const starts = cuts.map((_, at) =>
    cuts.slice(0, at).reduce((sum, cut) => sum + cut.length + kerf, 0),
  );
  return (
    <Paper
      spoken={spoken}
      frame={(width) => ({
        ...frameFor({ left: 0, right: longest, top: 0, bottom: 1 }, width, Infinity, 4),
        height: HEIGHT,
      })}
    >
      {({ x, scale }) => (
        <G>
          <Rect
            x={x(0)}
            y={4}
            width={stock * scale}
            height={HEIGHT - 8}
            fill={palette.ground}
            stroke={palette.soft}
          />
          {cuts.map(({ length, name }, at) => (
            <G key={at}>
              <Rect
                x={x(starts[at] ?? 0)}
                y={4}
                width={length * scale}
                height={HEIGHT - 8}
                fill={palette['straw-pale']}
                stroke={palette.ink}
              />
              {name.length * LETTER < length * scale ? (
                <SvgText
                  x={x((starts[at] ?? 0) + length / 2)}
                  y={HEIGHT / 2 + 5}
                  fontFamily={FONT}
                  fontSize={14}
                  fill={palette.ink}
                  textAnchor="middle"
                >
                  {name}
                </SvgText>
              ) : null}
            </G>
          ))}
        </G>
      )}
    </Paper>
  );
}
