import { Circle, G, Line, Polyline, Text as SvgText } from 'react-native-svg';
import { cornersOf, type Opening, type WallRun } from '@/core/house';
import { CLOSING_TOLERANCE } from '@/core/house/closing';
import { formatLength, ticks, type UnitSystem } from '@/core/units';
import { usePalette } from '@/ui';
import { boxOf, frameFor } from './frame';
import { Paper } from './Paper';

const FONT = 'AtkinsonHyperlegibleNext_400Regular';
const TALLEST = 340;
const MARGIN = 62;

type Point = { x: number; y: number };

/** Where the walk stands after its last wall: on corner 0 when the room closes. */
function pathOf(walls: readonly WallRun[]): Point[] {
  // A wall of nought more gives the end of the last one as its corner.
  return cornersOf([...walls, { length: ticks(0), turn: 0 }]);
}

const between = (from: Point, to: Point, share: number): Point => ({
  x: from.x + (to.x - from.x) * share,
  y: from.y + (to.y - from.y) * share,
});

/** The walls as walked, growing while they are typed; openings as gaps, sizes outside, the gap that does not close dashed. */
export function RoomPlan({
  walls,
  openings,
  units,
  spoken,
}: {
  walls: readonly WallRun[];
  openings: readonly Opening[];
  units: UnitSystem;
  spoken: string;
}) {
  const palette = usePalette();
  const points = pathOf(walls);
  const [start] = points;
  const end = points.at(-1);
  if (walls.length === 0 || !start || !end) return null;
  const isOpen = Math.hypot(end.x - start.x, end.y - start.y) > CLOSING_TOLERANCE;
  return (
    <Paper spoken={spoken} frame={(width) => frameFor(boxOf(points), width, TALLEST, MARGIN)}>
      {({ x, y }) => (
        <G>
          <Polyline
            points={points.map((point) => `${x(point.x)},${y(point.y)}`).join(' ')}
            fill="none"
            stroke={palette.ink}
            strokeWidth={3}
          />
          {openings.map((opening, at) => {
            const [from, to] = [points[opening.wall], points[opening.wall + 1]];
            const length = walls[opening.wall]?.length;
            if (!from || !to || !length) return null;
            const left = between(from, to, opening.offset / length);
            const right = between(from, to, (opening.offset + opening.width) / length);
            return (
              <Line
                key={at}
                x1={x(left.x)}
                y1={y(left.y)}
                x2={x(right.x)}
                y2={y(right.y)}
                stroke={opening.kind === 'window' ? palette.porch : palette.straw}
                strokeWidth={7}
              />
            );
          })}
          {isOpen ? (
            <Line
              x1={x(end.x)}
              y1={y(end.y)}
              x2={x(start.x)}
              y2={y(start.y)}
              stroke={palette.brick}
              strokeWidth={2}
              strokeDasharray="5 4"
            />
          ) : null}
          {points.slice(0, walls.length).map((point, at) => (
            <Circle key={at} cx={x(point.x)} cy={y(point.y)} r={3} fill={palette.ink} />
          ))}
          {walls.map(({ length, turn }, at) => {
            const [from, to] = [points[at], points[at + 1]];
            if (!from || !to) return null;
            const middle = between(from, to, 0.5);
            // Outside lies to the left of somebody walking clockwise.
            const run = Math.max(1, Math.hypot(to.x - from.x, to.y - from.y));
            const out = { x: (to.y - from.y) / run, y: -(to.x - from.x) / run };
            // In a corner that sticks in, two outsides share one nook: those sizes stand inside.
            const before = walls[(at + walls.length - 1) % walls.length];
            const side = turn < 0 || (before?.turn ?? 0) < 0 ? -1 : 1;
            const sideways = Math.abs(out.x) > 0.5 ? out.x * side : 0;
            return (
              <SvgText
                key={at}
                x={x(middle.x) + out.x * side * 8}
                y={y(middle.y) + out.y * side * 16 + 5}
                fontFamily={FONT}
                fontSize={14}
                fill={palette.ink}
                textAnchor={sideways > 0 ? 'start' : sideways < 0 ? 'end' : 'middle'}
              >
                {`${at + 1}: ${formatLength(length, units)}`}
              </SvgText>
            );
          })}
        </G>
      )}
    </Paper>
  );
}
