import { usualWorks, worksFor, type Work } from '../../trade/steps/works';
import { placesSaid } from './jobs';
import type { Line, Phrase } from './line';
import { FILLER, stem, wordsIn } from '../../language/stems';

/** "Kitchen: new floor and repaint", "the hall gets a new ceiling": what is to happen in a room. */
const WISHES = /\b(?:gets?|will get|needs?|wants?|should get|is getting|we want|is to get)\b/i;

const tellingStems = (text: string): string[] =>
  wordsIn(text)
    .filter(
      (word) => !FILLER.has(word) && !/^(?:new|get|gets|need|needs|want|wants|old)$/.test(word),
    )
    .map(stem);

/** The work whose title says all the words, the one that says least besides first; else one whose other names do. */
function workFor(
  words: string,
  works: readonly Work[],
  usual: readonly string[],
): Work | undefined {
  const said = tellingStems(words);
  if (said.length === 0) return undefined;
  const holds = (text: string) => {
    const stems = new Set(tellingStems(text));
    return said.every((one) => stems.has(one));
  };
  // The title that says least besides, then what is mostly done in such a room.
  const rank = (work: Work) =>
    10 * tellingStems(work.title).length + (usual.includes(work.id) ? 0 : 5);
  const byRank = works.toSorted((a, b) => rank(a) - rank(b));
  return byRank.find(({ title }) => holds(title)) ?? byRank.find(({ also = '' }) => holds(also));
}

/**
 * The works a statement chooses for its room; none where it chooses nothing, or where one of its parts is no work of the
 * library for such a room.
 */
export function worksIn(stretch: Phrase): string[] {
  const { all } = placesSaid(stretch);
  const [placeId, second] = all;
  const place = stretch.context.places.find(({ id }) => id === placeId);
  const isTold = stretch.items.some(({ is }) => !/^(?:day|number|amount)$/.test(is));
  if (!place || second || isTold) return [];
  if (stretch.has('done', 'begun', 'not-done', 'thought')) return [];
  const first = stretch.marked('place')[0];
  const isHeading = first?.at === stretch.at && stretch.line.tokens[first.to]?.text === ':';
  if (!isHeading && !WISHES.test(stretch.text)) return [];
  const works = worksFor(place.kind).filter(({ asks }) => asks === undefined);
  const usual = usualWorks(place.kind).map(({ id }) => id);
  const parts = partsOf(stretch.line, first?.to ?? stretch.at, stretch.to);
  const found = parts.map((part) => workFor(part, works, usual)?.id);
  return found.length > 0 && found.every((id) => id !== undefined) ? [...new Set(found)] : [];
}

/** The words behind the room, apart where signs and joining words part them. */
function partsOf({ text, tokens }: Line, from: number, to: number): string[] {
  const [start, end] = [tokens[from]?.from ?? 0, tokens[to - 1]?.to ?? 0];
  return text
    .slice(start, end)
    .split(/[,:;&+]|\band\b|\bplus\b/i)
    .map((part) => part.replace(WISHES, ' '))
    .filter((part) => tellingStems(part).length > 0);
}
