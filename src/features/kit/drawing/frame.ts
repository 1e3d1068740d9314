/** Fits a drawing of some ticks into a box of pixels: one scale for both ways, so that it stays to scale. */
export type Frame = {
  scale: number;
  width: number;
  height: number;
  x: (ticks: number) => number;
  y: (ticks: number) => number;
};

type Box = { left: number; top: number; right: number; bottom: number };

export function frameFor(box: Box, width: number, tallest: number, margin: number): Frame {
  const across = Math.max(1, box.right - box.left);
  const down = Math.max(1, box.bottom - box.top);
  const scale = Math.min((width - 2 * margin) / across, (tallest - 2 * margin) / down);
  const spare = (width - 2 * margin - across * scale) / 2;
  return {
    scale,
    width,
    height: down * scale + 2 * margin,
    x: (ticks) => margin + spare + (ticks - box.left) * scale,
    y: (ticks) => margin + (ticks - box.top) * scale,
  };
}

export const boxOf = (points: readonly { x: number; y: number }[]): Box => ({
  left: Math.min(...points.map(({ x }) => x)),
  right: Math.max(...points.map(({ x }) => x)),
  top: Math.min(...points.map(({ y }) => y)),
  bottom: Math.max(...points.map(({ y }) => y)),
});
