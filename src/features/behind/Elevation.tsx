import { useState } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle, G, Line, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import { flatSurface } from '@/core/behind';
import type { Held, Place, SurfaceRef } from '@/core/house';
import { ticks, type Ticks } from '@/core/units';
import { boxOf, frameFor } from '@/features/drawing';
import { usePalette } from '@/ui';

const FONT = 'AtkinsonHyperlegibleNext_600SemiBold';
const TALLEST = 320;
const MARGIN = 14;
const MARK = 6;

export type Spot = { offset: Ticks; height: Ticks };

/** A wall, ceiling or floor to scale with its openings and what is behind it, numbered; a tap says where. */
export function Elevation({
  place,
  at,
  holds,
  spot,
  spoken,
  onTap,
}: {
  place: Place;
  at: SurfaceRef;
  holds: readonly Held[];
  /** What is being asked about or put down. */
  spot: Spot | null;
  spoken: string;
  onTap: (spot: Spot) => void;
}) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const surface = flatSurface(place, at);
  if (!surface) return null;
  const box = boxOf(surface.outline);
  const frame = width > 0 ? frameFor(box, width, TALLEST, MARGIN) : null;
  const isWall = at.kind === 'wall';
  const up = (height: number) => (isWall ? box.bottom - height : height);
  return (
    <Pressable
      role="button"
      aria-label={`Tap where it is: ${spoken}`}
      className="rounded-board border border-line bg-paper"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      onPress={(event) => {
        if (!frame) return;
        const paper = event.currentTarget as unknown as HTMLElement;
        const { left, top } = paper.getBoundingClientRect();
        const { clientX, clientY } = event.nativeEvent as unknown as MouseEvent;
        const across = (clientX - left - frame.x(0)) / frame.scale;
        const down = (clientY - top - frame.y(0)) / frame.scale;
        const clamp = (value: number, most: number) =>
          ticks(Math.round(Math.min(most, Math.max(0, value))));
        onTap({ offset: clamp(across, box.right), height: clamp(up(down), box.bottom) });
      }}
    >
      {frame ? (
        <Svg width={frame.width} height={frame.height} aria-hidden>
          <Polygon
            points={surface.outline.map(({ x, y }) => `${frame.x(x)},${frame.y(up(y))}`).join(' ')}
            fill={palette.paper}
            stroke={palette.ink}
            strokeWidth={2}
          />
          {surface.holes.map((hole, nth) => (
            <Rect
              key={nth}
              x={frame.x(hole.x)}
              y={frame.y(up(hole.y + hole.height))}
              width={hole.width * frame.scale}
              height={hole.height * frame.scale}
              fill={palette.ground}
              stroke={palette.ink}
              strokeWidth={1.5}
            />
          ))}
          {holds.map((held, nth) => {
            const [x, y] = [frame.x(held.offset), frame.y(up(held.height))];
            return (
              <G key={nth}>
                {held.to ? (
                  <Line
                    x1={x}
                    y1={y}
                    x2={frame.x(held.to.offset)}
                    y2={frame.y(up(held.to.height))}
                    stroke={palette.spruce}
                    strokeWidth={4}
                    strokeDasharray={held.later ? '3 4' : undefined}
                  />
                ) : null}
                <Circle cx={x} cy={y} r={MARK} fill={palette.spruce} />
                <SvgText
                  x={x + MARK + 3}
                  y={y + 5}
                  fontFamily={FONT}
                  fontSize={14}
                  fill={palette.ink}
                >
                  {String(nth + 1)}
                </SvgText>
              </G>
            );
          })}
          {spot ? (
            <G>
              {[-1, 1].map((way) => (
                <Line
                  key={way}
                  x1={frame.x(spot.offset) - MARK * 1.5}
                  y1={frame.y(up(spot.height)) - way * MARK * 1.5}
                  x2={frame.x(spot.offset) + MARK * 1.5}
                  y2={frame.y(up(spot.height)) + way * MARK * 1.5}
                  stroke={palette.brick}
                  strokeWidth={3}
                />
              ))}
            </G>
          ) : null}
        </Svg>
      ) : (
        <View className="h-24" />
      )}
    </Pressable>
  );
}
