import type { CutProblem } from '@/core/estimating/cuts';
import type { NamedPiece } from '@/core/estimating/purchasing';
import type { NumberStyle } from '@/core/house';
import { parseLength, parseMoney, ticks } from '@/core/units';

export type CutTyped = { pieces: string; stock: string; kerf: string };
export type CutTypedFault = { field: keyof CutTyped; line: number; text: string };

/** `4 x 3' 2"` or `3' 2"`: how many, and how long. */
const PIECE = /^(?:(\d{1,4})\s*(?:x|×|\*)\s*)?(.+)$/;
/** `12' at 14.50`, `12' $14.50`, `2 x 5' at 0` for what lies in the stores. */
const STOCK = /^(?:(\d{1,4})\s*(?:x|×|\*)\s*)?(.+?)\s*(?:\bat\b|@|[$€£])\s*[$€£]?\s*(\S+)$/;

const rows = (text: string): string[] => text.split(/\n|;/).map((row) => row.trim());

/** Reads a list of pieces and lengths on sale, a line each; says which line cannot be read. */
export function readCuts(
  typed: CutTyped,
  style: NumberStyle = 'point',
): {
  list: { pieces: NamedPiece[]; problem: CutProblem } | null;
  faults: CutTypedFault[];
} {
  const faults: CutTypedFault[] = [];
  const pieces: { length: number; qty: number }[] = [];
  const stock: { length: number; price: number; available?: number }[] = [];
  rows(typed.pieces).forEach((text, line) => {
    if (text === '') return;
    const [, many, size] = PIECE.exec(text) ?? [];
    const length = parseLength(size ?? '');
    if (length.ok && length.value > 0)
      pieces.push({ length: length.value, qty: Number(many ?? 1) });
    else faults.push({ field: 'pieces', line, text });
  });
  rows(typed.stock).forEach((text, line) => {
    if (text === '') return;
    const [, many, size, price] = STOCK.exec(text) ?? [];
    const length = parseLength(size ?? '');
    const cents = parseMoney(price ?? '', style);
    if (length.ok && length.value > 0 && cents.ok && cents.value >= 0) {
      stock.push({
        length: length.value,
        price: cents.value,
        ...(many === undefined ? {} : { available: Number(many) }),
      });
    } else faults.push({ field: 'stock', line, text });
  });
  const kerf =
    typed.kerf.trim() === '0' ? { ok: true as const, value: ticks(0) } : parseLength(typed.kerf);
  if (!kerf.ok) faults.push({ field: 'kerf', line: 0, text: typed.kerf });
  if (faults.length > 0 || !kerf.ok) return { list: null, faults };
  const named = pieces.flatMap(({ length, qty }) =>
    Array.from({ length: qty }, () => ({ placeId: null, length: ticks(length) })),
  );
  return { list: { pieces: named, problem: { kerf: kerf.value, stock, pieces } }, faults };
}
