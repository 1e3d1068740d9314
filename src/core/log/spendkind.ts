import type { SpendKind } from '../house';
import { stemsOf } from './words';

const KIND_WORDS: readonly [SpendKind, string][] = [
  ['permits', 'permit fee inspection office'],
  ['waste', 'bin dump skip dumpster landfill haul debris tip'],
  ['trades', 'electrician plumber fitter carpenter engineer roofer mason labour labor removal'],
  ['hire', 'rent rental hire hired sander lift scaffold'],
  ['tools', 'tool saw drill blade bit ladder trowel knife vacuum mask gloves driver hammer'],
  ['food and stay', 'lunch dinner pizza coffee food hotel motel stay takeaway'],
];

/** The kind of spending that words suggest; materials when nothing else does. The slip shows it and lets it be changed. */
export function spendKindOf(text: string): SpendKind {
  const stems = new Set(stemsOf(text));
  const found = KIND_WORDS.find(([, words]) => stemsOf(words).some((word) => stems.has(word)));
  return found?.[0] ?? 'materials';
}
