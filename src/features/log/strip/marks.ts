/** How the words of a statement are marked in the line and on its slip: a line under them, of its own colour and kind. */
const MARKS = [
  'decoration-spruce decoration-solid',
  'decoration-porch-deep decoration-double',
  'decoration-straw-deep decoration-dashed',
  'decoration-brick decoration-dotted',
] as const;

export const markOf = (nth: number): string =>
  `underline decoration-2 underline-offset-2 ${MARKS[nth % MARKS.length] ?? ''}`;

export type Piece = { text: string; mark: string };

/** A line in pieces: what a statement holds is marked, and what nothing holds is grey. */
export function piecesOf(
  text: string,
  spans: readonly { from: number; to: number }[],
  ignored: readonly { from: number; to: number }[],
): Piece[] {
  const at = (index: number): string => {
    if (ignored.some(({ from, to }) => from <= index && index < to)) return 'text-soft';
    const nth = spans.findIndex(({ from, to }) => from <= index && index < to);
    return nth < 0 ? 'text-soft' : markOf(nth);
  };
  const pieces: Piece[] = [];
  for (let index = 0; index < text.length; index += 1) {
    const char = text[index] ?? '';
    const last = pieces.at(-1);
    const mark = char.trim() === '' ? '' : at(index);
    if (last && last.mark === mark) last.text += char;
    else pieces.push({ text: char, mark });
  }
  return pieces;
}
