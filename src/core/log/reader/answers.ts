import type { Answer } from '../../house';
import type { QuestionSlot } from './reading';
import { wordsIn } from '../../language/stems';

/** Less than this share of words in common and an answer is of another statement. */
const ALIKE = 0.5;

function likeness(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  const both = [...a].filter((word) => b.has(word)).length;
  const all = new Set([...a, ...b]).size;
  return all === 0 ? 0 : both / all;
}

/**
 * Which answers speak of which statements, by their words: the same words first, else the most alike. So that a word
 * put right in one statement loses none of what was answered, and none goes to another.
 */
export function answersFor(
  abouts: readonly string[],
  answers: readonly Answer[],
): ReadonlyMap<QuestionSlot, string>[] {
  const told = abouts.map(() => new Map<QuestionSlot, string>());
  const words = abouts.map((about) => new Set(wordsIn(about)));
  for (const { slot, about, value } of answers) {
    const same = abouts.indexOf(about);
    const said = new Set(wordsIn(about));
    const [near] = words
      .map((one, at) => ({ at, alike: likeness(said, one) }))
      .filter(({ alike }) => alike >= ALIKE)
      .sort((a, b) => b.alike - a.alike || a.at - b.at);
    const at = same >= 0 ? same : near?.at;
    if (at !== undefined) told[at]?.set(slot as QuestionSlot, value);
  }
  return told;
}
