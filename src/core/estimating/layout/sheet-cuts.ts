import { planCuts, type CutBoard } from '../cuts';
import type { SheetLayout, SheetRules, Uncut } from './sheet';

/**
 * Which piece from which sheet. Rows lower than half a sheet are ripped two or more to the width; each rip is a
 * lane of its own, and lanes share sheets. Cutting costs nothing by length here: fewest sheets, then shortest.
 */
export function sheetsFor(pieces: readonly Uncut[], { lengths, width }: SheetRules) {
  const sheets: { length: number; pieces: number[] }[] = [];
  const sheetOf = new Map<number, number>();
  const byLanes = new Map<number, number[]>();
  pieces.forEach(({ height }, at) => {
    const lanes = Math.max(1, Math.floor((width + 1) / height));
    byLanes.set(lanes, [...(byLanes.get(lanes) ?? []), at]);
  });
  for (const [lanes, members] of byLanes) {
    const open = new Map<number, number[]>();
    for (const { stock, cuts } of lanesFor(pieces, members, lengths)) {
      const waiting = open.get(stock);
      const sheet = waiting?.pop() ?? sheets.push({ length: stock, pieces: [] }) - 1;
      if (waiting?.length === 0) open.delete(stock);
      if (!waiting && lanes > 1)
        open.set(
          stock,
          Array.from({ length: lanes - 1 }, () => sheet),
        );
      for (const at of cuts) {
        sheets[sheet]?.pieces.push(at);
        sheetOf.set(at, sheet);
      }
    }
  }
  return { sheets, sheetOf };
}

/** A cut plan over the pieces of one height; which member goes where is settled by length. */
function lanesFor(
  pieces: readonly Uncut[],
  members: readonly number[],
  lengths: readonly number[],
): { stock: number; cuts: number[] }[] {
  const longest = Math.max(...lengths);
  // A whole sheet weighs so much that one fewer always wins over shorter ones.
  const stock = [...new Set(lengths)].map((length) => ({
    length,
    price: 1_000 + Math.round((length / longest) * 700),
  }));
  const plan = planCuts(
    {
      kerf: 0,
      stock,
      pieces: members.map((at) => ({
        length: Math.min(longest, Math.round(pieces[at]?.width ?? 0)),
        qty: 1,
      })),
    },
    { steps: 60_000 },
  );
  if (!plan.ok) return [];
  const waiting = members.toSorted((a, b) => (pieces[b]?.width ?? 0) - (pieces[a]?.width ?? 0));
  return plan.value.boards.map(({ stock: length, cuts }: CutBoard) => ({
    stock: length,
    cuts: cuts.flatMap((cut) => {
      const at = waiting.findIndex(
        (member) => Math.min(longest, Math.round(pieces[member]?.width ?? 0)) === cut,
      );
      return waiting.splice(at, 1);
    }),
  }));
}

/** Several surfaces cut from the same sheets: an offcut of one wall serves another. Sheets count over all of them. */
export function shareSheets(
  layouts: readonly SheetLayout[],
  rules: SheetRules,
): SheetLayout['sheets'] {
  return sheetsFor(
    layouts.flatMap(({ pieces }) => pieces),
    rules,
  ).sheets;
}
