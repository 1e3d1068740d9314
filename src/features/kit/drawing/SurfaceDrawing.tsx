import { G, Polygon, Rect, Text as SvgText } from 'react-native-svg';
import type { Box, Surface } from '@/core/estimating/layout';
import { usePalette } from '@/ui';
import { boxOf, frameFor } from './frame';
import { Paper } from './Paper';

const FONT = 'AtkinsonHyperlegibleNext_600SemiBold';
const TALLEST = 420;
const MARGIN = 12;
const LETTER = 9;
const LINE = 16;

export type Laid = Box & { name?: string; cut?: boolean };

/** A wall, ceiling or floor with every piece where it lies. Pieces that are cut are shaded; names stand where they fit. */
export function SurfaceDrawing({
  surface,
  pieces,
  spoken,
}: {
  surface: Surface;
  pieces: readonly Laid[];
  spoken: string;
}) {
  const palette = usePalette();
  return (
    <Paper
      spoken={spoken}
      frame={(width) => frameFor(boxOf(surface.outline), width, TALLEST, MARGIN)}
    >
      {({ x, y, scale }) => (
        <G>
          {pieces.map((piece, at) => (
            <Rect
              key={at}
              x={x(piece.x)}
              y={y(piece.y)}
              width={piece.width * scale}
              height={piece.height * scale}
              fill={piece.cut ? palette['straw-pale'] : palette.paper}
              stroke={palette.soft}
              strokeWidth={1}
            />
          ))}
          {surface.holes.map((hole, at) => (
            <Rect
              key={at}
              x={x(hole.x)}
              y={y(hole.y)}
              width={hole.width * scale}
              height={hole.height * scale}
              fill={palette.ground}
              stroke={palette.ink}
              strokeWidth={2}
            />
          ))}
          <Polygon
            points={surface.outline.map((point) => `${x(point.x)},${y(point.y)}`).join(' ')}
            fill="none"
            stroke={palette.ink}
            strokeWidth={2}
          />
          {pieces.map((piece, at) =>
            piece.name !== undefined &&
            piece.width * scale > piece.name.length * LETTER + 4 &&
            piece.height * scale > LINE ? (
              <SvgText
                key={at}
                x={x(piece.x + piece.width / 2)}
                y={y(piece.y + piece.height / 2) + 5}
                fontFamily={FONT}
                fontSize={14}
                fill={palette.ink}
                textAnchor="middle"
              >
                {piece.name}
              </SvgText>
            ) : null,
          )}
        </G>
      )}
    </Paper>
  );
}
