import type { KnownStep, LogContext } from './context';
import { ACTION_VERBS, OBJECT_SETS } from './words/actions';

/** How well a step fits some words. */
export type StepFit = { step: KnownStep; fit: number };

/** Words of a statement by stem; less than 1 where a word may mean something else, as a room's name does. */
export type SaidStems = ReadonlyMap<string, number>;

/** Less than this is no evidence. */
export const ENOUGH = 0.75;

/**
 * Which steps some words speak of. A phrase of the library in full counts by how much its words tell; half of one
 * counts less; the verb and the thing it is done to speak for steps that do that to such a thing, and against others.
 */
export function stepsFor(said: SaidStems, { lexicon }: LogContext): StepFit[] {
  const candidates = new Set<number>();
  for (const stem of said.keys())
    for (const at of lexicon.byStem.get(stem) ?? []) candidates.add(at);
  const verbs = new Set<number>();
  let objects = 0;
  for (const stem of said.keys()) {
    for (const verb of ACTION_VERBS.get(stem) ?? []) verbs.add(verb);
    objects |= OBJECT_SETS.get(stem) ?? 0;
  }
  const fits: StepFit[] = [];
  for (const at of candidates) {
    const step = lexicon.steps[at];
    if (!step) continue;
    const { phrase, isWhole, words } = bestPhrase(step, said, lexicon.weights);
    if (phrase <= 0) continue;
    // Half a phrase beside words the step does not know ("hanging pictures") is little.
    const known = isWhole ? 1 : coverage(step, said);
    const verb =
      verbs.size === 0 ? 0 : verbs.has(step.verb) ? 0.5 * known : isWhole && words > 1 ? 0 : -0.7;
    const object = objects === 0 || step.on === 0 ? 0 : (step.on & objects) !== 0 ? 0.4 : -0.6;
    const fit = phrase * known + verb + object;
    if (fit >= ENOUGH / 2) fits.push({ step, fit });
  }
  return fits.sort((a, b) => b.fit - a.fit);
}

/** The part of the said words that a step's own words, or verbs and things of its kind, account for. */
function coverage({ stems }: KnownStep, said: SaidStems): number {
  let known = 0;
  let all = 0;
  for (const [stem, how] of said) {
    all += how;
    if (stems.has(stem) || ACTION_VERBS.has(stem) || OBJECT_SETS.has(stem)) known += how;
  }
  return all === 0 ? 0 : (known / all) ** 2;
}

function bestPhrase(
  { phrases, stems }: KnownStep,
  said: SaidStems,
  weights: ReadonlyMap<string, number>,
): { phrase: number; isWhole: boolean; words: number } {
  let best = 0;
  let isBestWhole = false;
  let words = 0;
  phrases.forEach((phrase, at) => {
    let found = 0;
    let all = 0;
    let count = 0;
    for (const stem of phrase) {
      const weight = weights.get(stem) ?? 1;
      all += weight;
      const how = said.get(stem);
      if (how === undefined) continue;
      found += weight * how;
      count += 1;
    }
    const isWhole = count === phrase.length && count > 0;
    // The title is a whole sentence: more than half of it is as good as a phrase.
    const isMost = count * 2 >= phrase.length && count > 1;
    const value = isWhole
      ? found + 0.2 + 0.4 * (count - 1)
      : isMost
        ? found * 0.65
        : count > 0 && at > 0
          ? found * 0.5
          : count > 0
            ? (found * found) / Math.max(1, all)
            : 0;
    if (value > best) [best, isBestWhole, words] = [value, isWhole, count];
  });
  if (best <= 0) return { phrase: 0, isWhole: false, words: 0 };
  let more = 0;
  for (const [stem, how] of said) if (stems.has(stem)) more += how * (weights.get(stem) ?? 1);
  return { phrase: best + 0.15 * more, isWhole: isBestWhole, words };
}
