import type { Weighed } from './option';

/** What would turn the answer round. */
export type Flip =
  /** The dearer one would draw level if its price fell by this much. */
  | { kind: 'price'; cheaper: string; dearer: string; by: number }
  /** The dearer one saves own hours: worth it to whom an hour is worth more than this. */
  | { kind: 'hour'; cheaper: string; dearer: string; centsAnHour: number }
  /** The cheaper one is a gamble: from this chance in percent on it is no longer cheaper. */
  | { kind: 'chance'; cheaper: string; dearer: string; percent: number };

type Pair = { cheaper: Weighed; dearer: Weighed };

function pairOf(options: readonly Weighed[]): Pair | undefined {
  const [cheaper, dearer] = options.toSorted((a, b) => a.centsTotal - b.centsTotal);
  return cheaper && dearer ? { cheaper, dearer } : undefined;
}

/**
 * What would flip the choice between the two cheapest options: a price, the worth of an hour, and, when a
 * suspicion hangs on the element, its chance. `gamble` is chance in percent and cost in cents if it comes true.
 */
export function flipsOf(
  options: readonly Weighed[],
  gamble: { optionId: string; chance: number; cents: number } | null = null,
): Flip[] {
  const pair = pairOf(options);
  if (!pair || pair.dearer.centsTotal === pair.cheaper.centsTotal) return [];
  const { cheaper, dearer } = pair;
  const by = dearer.centsTotal - cheaper.centsTotal;
  const names = { cheaper: cheaper.title, dearer: dearer.title };
  const hoursSaved = (cheaper.ownMinutes - dearer.ownMinutes) / 60;
  const flips: Flip[] = [{ kind: 'price', ...names, by }];
  if (hoursSaved > 0) {
    flips.push({ kind: 'hour', ...names, centsAnHour: Math.round(by / hoursSaved) });
  }
  if (gamble && gamble.optionId === cheaper.id && gamble.cents > 0) {
    const percent = Math.ceil(gamble.chance + (100 * by) / gamble.cents);
    if (percent <= 100) flips.push({ kind: 'chance', ...names, percent });
  }
  return flips;
}
