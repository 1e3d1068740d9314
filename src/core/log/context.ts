import type { JobId, PersonId, PlaceId, Project } from '../house';
import { placesInOrder } from '../house';
import type { PlainDate } from '../units';
import { overlapScore, phraseScore, stem, stemsOf, wordsOf } from './words';

/** What the grammar must know of a job to recognise it. */
export type LogJob = {
  id: JobId;
  placeId: PlaceId | null;
  title: string;
  says: readonly string[];
  state: 'done' | 'in-hand' | 'ready' | 'open';
};

export type LogContext = {
  today: PlainDate;
  firstDay: PlainDate;
  people: readonly { id: PersonId; name: string; self: boolean }[];
  places: readonly { id: PlaceId; name: string }[];
  jobs: readonly LogJob[];
};

export const contextOf = (
  project: Project,
  jobs: readonly LogJob[],
  today: PlainDate,
): LogContext => ({
  today,
  firstDay: project.house.firstDay,
  people: project.people.map(({ id, name, role }) => ({ id, name, self: role === 'self' })),
  places: placesInOrder(project).map(({ id, name }) => ({ id, name })),
  jobs,
});

/** Words that many names share and that alone point nowhere. */
const GENERIC = new Set(
  ['room', 'house', 'floor', 'wall', 'front', 'back', 'rear', 'side'].map(stem),
);

/**
 * The places a text names: by every word of the name, or by one word that only one of them has,
 * in full or from its third letter (`bath`, `back bed`). In the order of the text.
 */
export function placesIn(text: string, context: LogContext): PlaceId[] {
  const stems = stemsOf(text);
  const present = new Set(stems);
  const full = context.places.filter(({ name }) => phraseScore(name, present) > 0);
  const longest = full.filter(
    (place) =>
      !full.some(
        (other) => other !== place && phraseScore(place.name, new Set(stemsOf(other.name))) > 0,
      ),
  );
  const spoken = new Set(longest.flatMap(({ name }) => stemsOf(name)));
  const rest = stems.filter((word) => !spoken.has(word));
  return inTextOrder([...new Set([...longest, ...byParts(rest, context, longest)])], stems);
}

type NamedPlace = LogContext['places'][number];

/** Places meant by parts of their names: the one place that most of the words fit. */
function byParts(
  words: readonly string[],
  context: LogContext,
  taken: readonly NamedPlace[],
): NamedPlace[] {
  const others = context.places.filter((place) => !taken.includes(place));
  const fits = (place: NamedPlace, word: string) =>
    stemsOf(place.name).some((part) => similar(part, word));
  return words.flatMap((word, at) => {
    const named = others.filter((place) => fits(place, word));
    if (named.length === 1) return GENERIC.has(word) ? [] : named;
    // `back bed`: the word before tells which of the bedrooms.
    const before = words[at - 1];
    const closer = before === undefined ? [] : named.filter((place) => fits(place, before));
    return closer.length === 1 ? closer : [];
  });
}

/** `bath` stands for `bathroom`, `bed` for `bedroom`: a beginning of three letters or more. */
const similar = (nameWord: string, said: string): boolean =>
  nameWord === said || (said.length >= 3 && nameWord.startsWith(said));

function inTextOrder(
  places: readonly { id: PlaceId; name: string }[],
  stems: readonly string[],
): PlaceId[] {
  const at = (name: string) =>
    Math.min(
      ...stemsOf(name).map((part) => {
        const index = stems.findIndex((word) => similar(part, word));
        return index === -1 ? stems.length : index;
      }),
    );
  return places.toSorted((a, b) => at(a.name) - at(b.name)).map(({ id }) => id);
}

/** The words of a text that are not part of a named place. */
export function withoutPlaces(text: string, context: LogContext): string {
  const named = new Set(
    placesIn(text, context).flatMap((id) =>
      stemsOf(context.places.find((place) => place.id === id)?.name ?? ''),
    ),
  );
  return wordsOf(text)
    .filter((word) => {
      const [only] = stemsOf(word);
      return only === undefined || ![...named].some((part) => similar(part, only));
    })
    .join(' ');
}

/** Jobs a piece of talk may mean, best first; equally good ones all stand at the front with one score. */
export function jobsIn(
  text: string,
  places: readonly PlaceId[],
  context: LogContext,
): { best: LogJob[]; score: number } {
  const here = places.length > 0;
  const pool = context.jobs.filter(
    (job) =>
      !here || (job.placeId !== null && places.includes(job.placeId)) || job.placeId === null,
  );
  const stems = new Set(stemsOf(text));
  const scored = pool.map((job) => ({
    job,
    score:
      Math.max(
        overlapScore(job.title, stems),
        ...[job.title, ...job.says].map((said) => 2 * phraseScore(said, stems)),
      ) - (here && job.placeId === null ? 0.5 : 0),
  }));
  const score = Math.max(0, ...scored.map((entry) => entry.score));
  if (score <= 0) return { best: [], score: 0 };
  return { best: scored.filter((entry) => entry.score === score).map(({ job }) => job), score };
}
