import { useId } from 'react';
import { View } from 'react-native';
import Svg, { Defs, G, Line, Path, Pattern, Rect } from 'react-native-svg';
import { Small } from './text';
import { usePalette, type Palette } from './theme';

/** What a board can say. Shape first, colour second; a word always stands beside it. */
export type BoardState = 'done' | 'in-hand' | 'ready' | 'setting' | 'held' | 'arrives' | 'later';

export const STATE_WORDS: Record<BoardState, string> = {
  done: 'done',
  'in-hand': 'in hand',
  ready: 'ready',
  setting: 'setting',
  held: 'held',
  arrives: 'arrives',
  later: 'later',
};

type Shape = { x: number; y: number; width: number; height: number };

/** One board inside a drawing, standing or lying by its proportions. `share` fills a board in hand. */
export function BoardShape({
  state,
  share = 0.5,
  palette,
  hatchId,
  ...box
}: Shape & { state: BoardState; share?: number; palette: Palette; hatchId: string }) {
  const { x, y, width, height } = box;
  const lying = width > height;
  const edge = { ...box, strokeWidth: 1.5 };
  switch (state) {
    case 'done':
      return <Rect {...edge} fill={palette.spruce} stroke={palette.spruce} />;
    case 'in-hand':
      return (
        <G>
          <Rect {...edge} fill={palette.paper} stroke={palette.spruce} />
          <Rect
            x={x}
            y={lying ? y : y + height * (1 - share)}
            width={lying ? width * share : width}
            height={lying ? height : height * share}
            fill={palette.spruce}
          />
        </G>
      );
    case 'ready':
      return <Rect {...edge} fill={palette.porch} stroke={palette['porch-deep']} />;
    case 'setting':
      return <Rect {...edge} fill={`url(#${hatchId})`} stroke={palette['straw-deep']} />;
    case 'held':
      return <HeldBoard {...box} palette={palette} lying={lying} />;
    case 'arrives':
      return <ArrivingBoard {...box} palette={palette} />;
    case 'later':
      return <Rect {...edge} fill="none" stroke={palette.soft} strokeDasharray="2.5 2.5" />;
  }
}

function HeldBoard({
  x,
  y,
  width,
  height,
  palette,
  lying,
}: Shape & { palette: Palette; lying: boolean }) {
  const bars = lying ? [x + 5, x + 12] : [y + height * 0.35, y + height * 0.62];
  return (
    <G>
      <Rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={palette['brick-pale']}
        stroke={palette.brick}
        strokeWidth={1.5}
      />
      {bars.map((at) =>
        lying ? (
          <Line
            key={at}
            x1={at}
            x2={at}
            y1={y - 3}
            y2={y + height + 3}
            stroke={palette.brick}
            strokeWidth={4}
          />
        ) : (
          <Line
            key={at}
            y1={at}
            y2={at}
            x1={x - 4}
            x2={x + width + 4}
            stroke={palette.brick}
            strokeWidth={4}
          />
        ),
      )}
    </G>
  );
}

function ArrivingBoard({ x, y, width, height, palette }: Shape & { palette: Palette }) {
  const size = Math.min(width, height, 13);
  const middle = x + width / 2;
  const top = y + height - size;
  const stem = height > size * 1.6;
  return (
    <G>
      {stem ? (
        <Path
          d={`M${middle} ${y} V${top - 4} M${middle - 4} ${top - 9} L${middle} ${top - 4} L${middle + 4} ${top - 9}`}
          stroke={palette['straw-deep']}
          strokeWidth={1.6}
          fill="none"
        />
      ) : null}
      <Rect
        x={middle - size / 2}
        y={top}
        width={size}
        height={size}
        fill={palette['straw-pale']}
        stroke={palette['straw-deep']}
        strokeWidth={1.5}
      />
      {stem ? null : (
        <Path
          d={`M${middle} ${top + 2} V${top + size - 3} M${middle - 3} ${top + size - 6} L${middle} ${top + size - 3} L${middle + 3} ${top + size - 6}`}
          stroke={palette['straw-deep']}
          strokeWidth={1.4}
          fill="none"
        />
      )}
    </G>
  );
}

/** The hatching that a drawing with boards defines once. */
export function Hatch({ id, palette }: { id: string; palette: Palette }) {
  return (
    <Defs>
      <Pattern
        id={id}
        width={6}
        height={6}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <Rect width={6} height={6} fill={palette['straw-pale']} />
        <Rect width={2.4} height={6} fill={palette.straw} />
      </Pattern>
    </Defs>
  );
}

/** A standing board for slips and keys to drawings. Decorative: its word stands beside it. */
export function Board({
  state,
  share,
  height = 40,
}: {
  state: BoardState;
  share?: number;
  height?: number;
}) {
  const palette = usePalette();
  const hatchId = useId().replace(/[^a-zA-Z0-9]/g, '');
  const width = 12;
  return (
    <View aria-hidden className="items-center justify-center">
      <Svg width={width + 14} height={height + 4}>
        <Hatch id={hatchId} palette={palette} />
        <BoardShape
          state={state}
          share={share}
          palette={palette}
          hatchId={hatchId}
          x={8}
          y={2}
          width={width}
          height={height}
        />
      </Svg>
    </View>
  );
}

/** The board with its word, as in the key under a drawing. */
export function BoardKey({ states }: { states: readonly BoardState[] }) {
  return (
    <View
      className="flex-row flex-wrap gap-x-4 gap-y-1"
      role="list"
      aria-label="What the boards mean"
    >
      {states.map((state) => (
        <View key={state} role="listitem" className="flex-row items-center gap-1">
          <Board state={state} height={18} />
          <KeyWord state={state} />
        </View>
      ))}
    </View>
  );
}

function KeyWord({ state }: { state: BoardState }) {
  return <Small>{STATE_WORDS[state]}</Small>;
}
