import type { SpendKind } from '../../house';
import { stem } from './stems';
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

/** The kind of spending that words suggest; materials when nothing else does. The slip shows it and lets it be changed. */
export function spendKindOf(words: readonly string[]): SpendKind {
  const said = words.flatMap((word) => BY_STEM.get(stem(word)) ?? []);
  if (said.includes('hire')) return 'hire';
  if (words.some((word) => TRADES.test(word))) return 'trades';
  return said[0] ?? 'materials';
}
