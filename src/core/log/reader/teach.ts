import { stepInId } from '../../trade/steps';
import type { Answer, Meaning } from '../../house';
import type { LogContext } from './context';
import type { Reading } from './reading';

/** Something the log may learn from a line: a word and what it stands for. */
export type Lesson = { word: string; means: Meaning };

/** "Bakehouse is the kitchen", "we call the kitchen the bakehouse". */
const CALLED: readonly RegExp[] = [
  /^(?:the\s+)?(?<word>[\p{L}' -]{3,40}?)\s+(?:is|means)\s+(?:what we call\s+)?(?:the|our)\s+(?<what>[\p{L}' -]{3,40})$/iu,
  /^we call\s+(?:the|our)\s+(?<what>[\p{L}' -]{3,40}?)\s+(?:the\s+)?(?<word>[\p{L}'-]{3,40})$/iu,
  /^(?<what>[\p{L}' -]{3,40}?)\s+is called\s+(?:the\s+)?(?<word>[\p{L}'-]{3,40})$/iu,
];

function toldIn(text: string, context: LogContext): Lesson[] {
  for (const pattern of CALLED) {
    const found = pattern.exec(text.trim())?.groups;
    const what = found?.what?.trim().toLowerCase();
    const word = found?.word?.trim().toLowerCase();
    if (!what || !word) continue;
    const place = context.places.find(({ name }) => name.toLowerCase() === what);
    if (place && !isKnown(word, context)) return [{ word, means: { is: 'place', of: place.id } }];
    const person = context.people.find(({ name, self }) => !self && name.toLowerCase() === what);
    if (person && !isKnown(word, context)) {
      return [{ word, means: { is: 'person', of: person.id } }];
    }
  }
  return [];
}

const isKnown = (word: string, { lexicon }: LogContext): boolean =>
  lexicon.words.has(word) || lexicon.taught.has(word);

/**
 * What a line teaches once it is kept: words that say so, a strange name that was said to be somebody known, and a
 * strange word in a statement whose job the owner named. Each is offered once.
 */
export function lessonsOf(
  reading: Reading,
  answers: readonly Answer[],
  context: LogContext,
): Lesson[] {
  const lessons = reading.parts.flatMap((part) => {
    const told = toldIn(part.about, context);
    const who = answers.find(({ slot, about }) => slot === 'who' && about === part.about)?.value;
    const isOne = who !== undefined && context.people.some(({ id }) => id === who);
    const name = part.stranger?.toLowerCase();
    const nickname =
      isOne && name !== undefined && !isKnown(name, context)
        ? [{ word: name, means: { is: 'person' as const, of: who } }]
        : [];
    const job = answers.find(({ slot, about }) => slot === 'job' && about === part.about)?.value;
    const step = job && stepInId(job);
    const [word, more] = part.strangeWords;
    const ownWord =
      step !== undefined && word !== undefined && more === undefined && !isKnown(word, context)
        ? [{ word, means: { is: 'job' as const, of: step } }]
        : [];
    return [...told, ...nickname, ...ownWord];
  });
  return [...new Map(lessons.map((lesson) => [lesson.word, lesson])).values()];
}
