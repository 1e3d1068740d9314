/** As long as a picture is kept: a phone's twelve million dots are more than a browser's database should hold. */
export const LONGEST_SIDE = 1_280;
/** As long as the small one is, for lists: twice the dots it is shown at. */
export const SMALL_SIDE = 160;
export const QUALITY = 0.8;

/** The size of a picture made no longer than `most` on its longer side; never made larger, never nothing. */
export function sizeWithin(
  { width, height }: { width: number; height: number },
  most: number,
): { width: number; height: number } {
  const scale = Math.min(1, most / Math.max(width, height));
  return {
    width: Math.max(1, Math.round(width * scale)),
    height: Math.max(1, Math.round(height * scale)),
  };
}
