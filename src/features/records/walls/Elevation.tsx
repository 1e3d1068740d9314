import { useEffect, useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import Svg, { Image as SvgImage, Text as SvgText } from 'react-native-svg';
import { flatSurface, overlayMatrix, placingStep } from '@/core/records/walls';
import type { Held, Place, SurfaceRef, WallRecord } from '@/core/house';
import { formatLength, ticks, type UnitSystem } from '@/core/units';
import { boxOf, frameFor } from '@/features/kit/drawing';
import { usePicture } from '@/features/kit/photo';
import { usePalette } from '@/ui';
import { PlaceHandle, PlaceOn } from '@/ui/drag/lazy';
import { FONT, HeldMark, MARK, Outline, SpotCross, type Drawn, type Spot } from './elevation-marks';
import { heldTitle } from './words';

const TALLEST = 320;
const MARGIN = 22;
const PICTURE_SHOWS = 0.55;

type Overlay = NonNullable<WallRecord['overlay']>;

/** A picture's own size, once it was read. */
function useSizeOf(picture: string | null): { width: number; height: number } | null {
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  useEffect(() => {
    let gone = false;
    if (picture !== null) {
      Image.getSize(
        picture,
        (width, height) => {
          if (!gone) setSize({ width, height });
        },
        () => undefined,
      );
    }
    return () => {
      gone = true;
    };
  }, [picture]);
  return picture === null ? null : size;
}

/** Whether its number would stand on the next thing to the right. */
const isCrowded = (held: Held, holds: readonly Held[], scale: number): boolean =>
  holds.some(
    (other) =>
      other !== held &&
      other.offset > held.offset &&
      (other.offset - held.offset) * scale < 4 * MARK &&
      Math.abs(other.height - held.height) * scale < 3 * MARK,
  );

/** A wall, ceiling or floor to scale with its openings and what is behind it, numbered; a tap says where, a finger moves. */
export function Elevation({
  place,
  at,
  units,
  holds,
  spot,
  overlay,
  spoken,
  onTap,
  onChoose,
  onMove,
}: {
  place: Place;
  at: SurfaceRef;
  units: UnitSystem;
  holds: readonly Held[];
  /** What is being asked about or put down. */
  spot: Spot | null;
  /** A picture laid over it by two known spots. */
  overlay?: { photoId: string; points: Overlay } | undefined;
  spoken: string;
  onTap: (spot: Spot) => void;
  /** Things can be taken hold of: chosen to be changed, or moved by so much. */
  onChoose?: ((nth: number) => void) | undefined;
  onMove?: ((nth: number, by: { offset: number; height: number }) => void) | undefined;
}) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const picture = usePicture(overlay?.photoId ?? null, true);
  const size = useSizeOf(picture);
  const surface = flatSurface(place, at);
  if (!surface) return null;
  const box = boxOf(surface.outline);
  const frame = width > 0 ? frameFor(box, width, TALLEST, MARGIN) : null;
  const isWall = at.kind === 'wall';
  const up = (height: number) => (isWall ? box.bottom - height : height);
  const isUp = isWall ? 1 : -1;
  const drawn: Drawn | null = frame && {
    scale: frame.scale,
    x: frame.x,
    y: (height) => frame.y(up(height)),
  };
  const matrix =
    frame && overlay && size
      ? overlayMatrix(overlay.points, size, ({ offset, height }) => ({
          x: frame.x(offset),
          y: frame.y(up(height)),
        }))
      : undefined;
  return (
    <View>
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
        {frame && drawn ? (
          <Svg width={frame.width} height={frame.height} aria-hidden>
            {matrix && picture !== null && size ? (
              <SvgImage
                href={{ uri: picture }}
                width={size.width}
                height={size.height}
                opacity={PICTURE_SHOWS}
                transform={`matrix(${matrix.join(' ')})`}
              />
            ) : null}
            <Outline surface={surface} drawn={drawn} isClear={matrix !== undefined} />
            <SvgText
              x={frame.x((box.left + box.right) / 2)}
              y={frame.height - 6}
              textAnchor="middle"
              fontFamily={FONT}
              fontSize={14}
              fill={palette.ink}
            >
              {formatLength(ticks(Math.round(box.right - box.left)), units)}
            </SvgText>
            {holds.map((held, nth) => (
              <HeldMark
                key={nth}
                held={held}
                nth={nth}
                isCrowded={isCrowded(held, holds, frame.scale)}
                drawn={drawn}
              />
            ))}
            {spot ? <SpotCross spot={spot} left={box.left} drawn={drawn} /> : null}
          </Svg>
        ) : (
          <View className="h-24" />
        )}
      </Pressable>
      {frame && onMove && onChoose && holds.length > 0 ? (
        <PlaceOn
          onPlace={(id, by) =>
            onMove(Number(id), {
              offset: by.x / frame.scale,
              height: (-isUp * by.y) / frame.scale,
            })
          }
        >
          {holds.map((held, nth) => (
            <PlaceHandle
              key={nth}
              id={String(nth)}
              label={`${nth + 1}, ${heldTitle(held)}: change or move it`}
              at={{ x: frame.x(held.offset) + 1, y: frame.y(up(held.height)) + 1 }}
              onChoose={(id) => onChoose(Number(id))}
              onStep={(id, right, upwards) =>
                onMove(Number(id), {
                  offset: right * placingStep(units),
                  height: isUp * upwards * placingStep(units),
                })
              }
            />
          ))}
        </PlaceOn>
      ) : null}
    </View>
  );
}
