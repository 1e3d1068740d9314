import { Circle, G, Line, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import type { Surface } from '@/core/estimating/layout';
import type { Held } from '@/core/house';
import type { Ticks } from '@/core/units';
import { usePalette } from '@/ui';

export const FONT = 'AtkinsonHyperlegibleNext_600SemiBold';
/** Half the width of a mark, in points. */
export const MARK = 6;

export type Spot = { offset: Ticks; height: Ticks };

/** Where ticks of a surface stand on the paper: from its left, and up from its floor. */
export type Drawn = {
  scale: number;
  x: (offset: number) => number;
  y: (height: number) => number;
};

/** The edge of a surface and its openings; only lines where a picture lies under it. */
export function Outline({
  surface,
  drawn,
  isClear,
}: {
  surface: Surface;
  drawn: Drawn;
  isClear: boolean;
}) {
  const palette = usePalette();
  return (
    <G>
      <Polygon
        points={surface.outline.map(({ x, y }) => `${drawn.x(x)},${drawn.y(y)}`).join(' ')}
        fill={isClear ? 'none' : palette.paper}
        stroke={palette.ink}
        strokeWidth={2}
      />
      {surface.holes.map((hole, nth) => (
        <Rect
          key={nth}
          x={drawn.x(hole.x)}
          y={drawn.y(hole.y + hole.height)}
          width={hole.width * drawn.scale}
          height={hole.height * drawn.scale}
          fill={isClear ? 'none' : palette.ground}
          stroke={palette.ink}
          strokeWidth={1.5}
        />
      ))}
    </G>
  );
}

/** A thing behind the surface with its number, which goes to the left where the right is taken. */
export function HeldMark({
  held,
  nth,
  isCrowded,
  drawn,
}: {
  held: Held;
  nth: number;
  isCrowded: boolean;
  drawn: Drawn;
}) {
  const palette = usePalette();
  const [x, y] = [drawn.x(held.offset), drawn.y(held.height)];
  return (
    <G>
      {held.to ? (
        <Line
          x1={x}
          y1={y}
          x2={drawn.x(held.to.offset)}
          y2={drawn.y(held.to.height)}
          stroke={palette.spruce}
          strokeWidth={4}
          strokeDasharray={held.later ? '3 4' : undefined}
        />
      ) : null}
      <Circle cx={x} cy={y} r={MARK} fill={palette.spruce} />
      <SvgText
        x={isCrowded ? x - MARK - 3 : x + MARK + 3}
        y={y + 5}
        textAnchor={isCrowded ? 'end' : 'start'}
        fontFamily={FONT}
        fontSize={14}
        fill={palette.ink}
      >
        {String(nth + 1)}
      </SvgText>
    </G>
  );
}

/** What is asked about or put down, with the two measures that are typed: from the left, and up. */
export function SpotCross({ spot, left, drawn }: { spot: Spot; left: number; drawn: Drawn }) {
  const palette = usePalette();
  const [x, y] = [drawn.x(spot.offset), drawn.y(spot.height)];
  const arm = MARK * 1.5;
  const measure = { stroke: palette.brick, strokeWidth: 1, strokeDasharray: '4 3' };
  return (
    <G>
      <Line x1={drawn.x(left)} y1={y} x2={x} y2={y} {...measure} />
      <Line x1={x} y1={drawn.y(0)} x2={x} y2={y} {...measure} />
      {[-1, 1].map((way) => (
        <Line
          key={way}
          x1={x - arm}
          y1={y - way * arm}
          x2={x + arm}
          y2={y + way * arm}
          stroke={palette.brick}
          strokeWidth={3}
        />
      ))}
    </G>
  );
}
