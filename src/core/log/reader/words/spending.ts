import type { SpendKind } from '../../../house';
import { stem } from '../../../language/stems';
import { TRADES } from './trades';

const KIND_WORDS: readonly (readonly [SpendKind, string])[] = [
  ['permits', 'permit inspection office'],
  ['waste', 'bin dump skip dumpster landfill haul debris waste disposal'],
  ['trades', 'labour labor removal workman'],
  ['hire', 'rent rental hire hired rented scaffold'],
  [
    'tools',
    'tool saw drill blade bit ladder trowel knife mask gloves driver hammer brush brushes roller rollers',
  ],
  [
    'food and stay',
    'lunch dinner breakfast pizza coffee food hotel motel stay takeaway beer cake snacks',
  ],
];
const BY_STEM = new Map(
  KIND_WORDS.flatMap(([kind, words]) =>
    words.split(' ').map((word) => [stem(word), kind] as const),
  ),
);

/** A kind of the owner's own, with the stems of its name. */
export type KnownKind = { id: string; title: string; stems: readonly string[] };

/**
 * The kind of spending that words suggest: one of the owner's own whose name is said whole, else one of ours; materials
 * when nothing else does. The slip shows it and lets it be changed.
 */
export function spendKindOf(words: readonly string[], own: readonly KnownKind[]): string {
  const stems = new Set(words.map(stem));
  const named = own
    .filter((kind) => kind.stems.length > 0 && kind.stems.every((each) => stems.has(each)))
    .toSorted((a, b) => b.stems.length - a.stems.length)[0];
  if (named) return named.id;
  const said = words.flatMap((word) => BY_STEM.get(stem(word)) ?? []);
  if (said.includes('hire')) return 'hire';
  if (words.some((word) => TRADES.test(word))) return 'trades';
  return said[0] ?? 'materials';
}
