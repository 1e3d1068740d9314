import type { Laid } from '@/core/estimating/finishes';
import { countWords, formatLength, ticks, type UnitSystem } from '@/core/units';

const share = (part: number): string => `${Math.round(part * 100)}%`;

/** A layout in one line: how much, what is lost, what is cut. */
export function laidWords(laid: Laid, what: string, units: UnitSystem): string {
  const butts = laid.butts > 0 ? `, ${formatLength(ticks(laid.butts), units)} of butt joints` : '';
  const slivers = laid.slivers.length > 0 ? `, slivers ${laid.slivers.join(' and ')}` : '';
  return `${countWords(laid.count, what)}, ${countWords(laid.cuts, 'piece')} cut, ${share(laid.waste)} waste${butts}${slivers}`;
}

/** Sizes of the cut pieces, alike ones together, for the list beside the saw. */
export function cutRows(laid: Laid, units: UnitSystem): { size: string; names: string[] }[] {
  const rows = new Map<string, string[]>();
  for (const { width, height, name, cut } of laid.pieces) {
    if (!cut) continue;
    const size = `${formatLength(ticks(width), units)} x ${formatLength(ticks(height), units)}`;
    rows.set(size, [...(rows.get(size) ?? []), name]);
  }
  return [...rows].map(([size, names]) => ({ size, names }));
}
