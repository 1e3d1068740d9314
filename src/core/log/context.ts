import type { JobId, PersonId, PlaceId, Project } from '../house';
import { placesInOrder } from '../house';
import type { PlainDate } from '../units';
import { overlapScore, phraseScore, stem, stemsOf, tellingWords, wordsOf } from './words';

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
  places: readonly { id: PlaceId; name: string; stems: readonly string[] }[];
  jobs: readonly KnownJob[];
};

/** A job with its phrases stemmed once for all the lines to come; the first is its title. */
type KnownJob = LogJob & { phrases: readonly (readonly string[])[] };

export const contextOf = (
  project: Project,
  jobs: readonly LogJob[],
  today: PlainDate,
): LogContext => ({
  today,
  firstDay: project.house.firstDay,
  people: project.people.map(({ id, name, role }) => ({ id, name, self: role === 'self' })),
  places: placesInOrder(project).map(({ id, name }) => ({ id, name, stems: stemsOf(name) })),
  jobs: jobs.map((job) => ({ ...job, phrases: [job.title, ...job.says].map(stemsOf) })),
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
  const words = tellingWords(text);
  const present = new Set(words.map(stem));
  const full = context.places.filter(({ stems }) => phraseScore(stems, present) > 0);
  const longest = full.filter(
    (place) =>
      !full.some((other) => other !== place && phraseScore(place.stems, new Set(other.stems)) > 0),
  );
  const spoken = new Set(longest.flatMap((place) => place.stems));
  const rest = words.filter((word) => !spoken.has(stem(word)));
  return inTextOrder([...new Set([...longest, ...byParts(rest, context, longest)])], words);
}

type NamedPlace = LogContext['places'][number];

/** Places meant by parts of their names: the one place that most of the words fit. */
function byParts(
  words: readonly string[],
  context: LogContext,
  taken: readonly NamedPlace[],
): NamedPlace[] {
  const others = context.places.filter((place) => !taken.includes(place));
  return words.flatMap((word, at) => {
    const named = others.filter((place) => namesPart(place, word));
    if (named.length === 1) return GENERIC.has(stem(word)) ? [] : named;
    // `back bed`: the word before tells which of the bedrooms.
    const before = words[at - 1];
    const closer = before === undefined ? [] : named.filter((place) => namesPart(place, before));
    return closer.length === 1 ? closer : [];
  });
}

const namesPart = ({ name }: Pick<NamedPlace, 'name'>, said: string): boolean =>
  tellingWords(name).some((part) => similar(part, said));

/**
 * `bath` stands for `bathroom`, `bed` for `bedroom`: a beginning of three letters or more, as it was
 * said. Not its stem: `batts` are no bathroom.
 */
const similar = (namePart: string, said: string): boolean =>
  stem(namePart) === stem(said) ||
  (said.length >= 3 && namePart.toLowerCase().startsWith(said.toLowerCase()));

function inTextOrder(places: readonly NamedPlace[], words: readonly string[]): PlaceId[] {
  const at = (place: NamedPlace) => {
    const index = words.findIndex((word) => namesPart(place, word));
    return index === -1 ? words.length : index;
  };
  return places.toSorted((a, b) => at(a) - at(b)).map(({ id }) => id);
}

/** The words of a text that are not part of a named place. */
export function withoutPlaces(text: string, context: LogContext): string {
  const named = placesIn(text, context).flatMap(
    (id) => context.places.find((place) => place.id === id) ?? [],
  );
  return wordsOf(text)
    .filter((word) => !named.some((place) => namesPart(place, word)))
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
        overlapScore(job.phrases[0] ?? [], stems),
        ...job.phrases.map((phrase) => 2 * phraseScore(phrase, stems)),
      ) - (here && job.placeId === null ? 0.5 : 0),
  }));
  const score = Math.max(0, ...scored.map((entry) => entry.score));
  if (score <= 0) return { best: [], score: 0 };
  return { best: scored.filter((entry) => entry.score === score).map(({ job }) => job), score };
}
