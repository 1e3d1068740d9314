import { stepInId } from '../../trade/steps';
import {
  daysInOrder,
  placesInOrder,
  conventionsOf,
  type DateOrder,
  type EntryOf,
  type JobId,
  type Meaning,
  type NumberStyle,
  type PersonId,
  type PlaceId,
  type Place,
  type Project,
  type WallRecord,
  offeredKinds,
} from '../../house';
import { operationOf, verbOf } from '../../trade/steps/operations';
import {
  AREA_PER_SQFT,
  TICKS_PER_FOOT,
  type Cents,
  type Currency,
  type PlainDate,
} from '../../units';
import { CUE_WORDS } from './words/cues';
import { KIND_NAMES, GENERIC } from './words/places';
import type { KnownKind } from './words/spending';
import { FILLER, stem } from '../../language/stems';

/** What the reader must know of a job to recognise it. */
export type LogJob = {
  id: JobId;
  placeId: PlaceId | null;
  title: string;
  says: readonly string[];
  state: 'done' | 'in-hand' | 'ready' | 'open';
  /** Percent told so far; null where nothing was. */
  share?: number | null;
  /** The last day a line spoke of it. */
  toldOn?: PlainDate | null;
  /** How much of it there is: an area, a run in ticks, or pieces. */
  quantity?:
    | { kind: 'area'; area: number }
    | { kind: 'run'; length: number }
    | { kind: 'count'; count: number };
};

type KnownPerson = { id: PersonId; name: string; self: boolean; words: readonly string[] };
type KnownPlace = Place;

/** A line of the takeoff. */
export type LogLine = {
  lineId: string;
  placeId: PlaceId | null;
  what: string;
  leadDays: number;
  state: string;
};

/** A way to name a place: `words` in a row. Weak ones are words that may mean something else as well. */
type PlaceName = { words: readonly string[]; places: readonly PlaceId[]; weak: boolean };

/** One step as it is spoken of, with the jobs it is in this house. */
export type KnownStep = {
  phrases: readonly (readonly string[])[];
  stems: ReadonlySet<string>;
  verb: number;
  on: number;
  jobs: readonly LogJob[];
};

/** All a house knows to read a line by; built once for a plan, not for a key. */
export type LogContext = {
  today: PlainDate;
  firstDay: PlainDate;
  currency: Currency;
  units: 'imperial' | 'metric';
  dateOrder: DateOrder;
  numberStyle: NumberStyle;
  budget: Cents | null;
  /** Hours of the days before, for "same as yesterday": the latest hundred entries. */
  worked: readonly { date: PlainDate; entry: EntryOf<'hours'> }[];
  people: readonly KnownPerson[];
  places: readonly KnownPlace[];
  /** What is recorded behind walls. */
  records: readonly WallRecord[];
  shops: readonly { name: string; words: readonly string[] }[];
  /** The owner's own kinds of spending. */
  kinds: readonly KnownKind[];
  jobs: readonly LogJob[];
  /** What the plan wants bought, by which ordered and delivered things are known. */
  lines: readonly LogLine[];
  lexicon: Lexicon;
};

type Lexicon = {
  /** Names the owner taught for people. */
  nicknames: readonly { id: PersonId; words: readonly string[] }[];
  /** Every taught word, those that are not to be learned among them. */
  taught: ReadonlySet<string>;
  placeNames: ReadonlyMap<string, readonly PlaceName[]>;
  steps: readonly KnownStep[];
  /** Steps by a stem that they know. */
  byStem: ReadonlyMap<string, readonly number[]>;
  /** How much a stem tells: one that few steps share tells more. */
  weights: ReadonlyMap<string, number>;
  words: ReadonlySet<string>;
  /** What a mistyped word was meant to be; filled as words come up. */
  meant: Map<string, string>;
};

const plainWords = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}'’]+/u)
    .map((word) => word.replace(/['’]s?$/, ''))
    .filter((word) => word !== '');

const withoutRoom = (word: string): string[] =>
  word.length > 6 && word.endsWith('room') ? [word.slice(0, -4)] : [];

type Taught = { word: string } & Meaning;

/** The owner's own words are words of the step they stand for. */
function withOwnWords(jobs: readonly LogJob[], lessons: readonly Taught[]): readonly LogJob[] {
  const own = lessons.filter(({ is }) => is === 'job');
  if (own.length === 0) return jobs;
  return jobs.map((job) => {
    const step = stepInId(job.id);
    const words = own.filter(({ of }) => of === step).map(({ word }) => word);
    return words.length === 0 ? job : { ...job, says: [...job.says, ...words] };
  });
}

function placeNamesOf(
  places: readonly KnownPlace[],
  lessons: readonly Taught[],
): Map<string, PlaceName[]> {
  const names = new Map<string, { words: string[]; places: Set<PlaceId>; weak: boolean }>();
  const add = (words: string[], place: PlaceId, weak: boolean) => {
    const key = words.join(' ');
    const known = names.get(key);
    if (!known) names.set(key, { words, places: new Set([place]), weak });
    else {
      // A name in full beats what is only part of another.
      if (known.weak && !weak) names.set(key, { words, places: new Set([place]), weak });
      else if (known.weak === weak) known.places.add(place);
    }
  };
  for (const { id, name, kind } of places) {
    const words = plainWords(name);
    if (words.length === 0) continue;
    add(words, id, false);
    const main = plainWords(name.split(/[,(]/)[0] ?? name);
    if (main.length > 0) add(main, id, false);
    for (const word of words) {
      const isTelling = !GENERIC.has(word) && !FILLER.has(word) && word.length >= 3;
      if (isTelling) add([word], id, words.length > 1);
      for (const short of withoutRoom(word)) if (!GENERIC.has(short)) add([short], id, true);
    }
    // "Back bed" for "back bedroom".
    const last = main.at(-1) ?? '';
    if (main.length > 1) {
      for (const short of withoutRoom(last)) add([...main.slice(0, -1), short], id, false);
      if (last === 'room' || last === 'bedroom') {
        const front = main.slice(0, -1);
        if (!front.every((word) => GENERIC.has(word))) add(front, id, false);
      }
    }
    for (const word of KIND_NAMES[kind]?.split(' ') ?? []) add([word], id, true);
  }
  for (const { word, is, of } of lessons) {
    const place = is === 'place' ? places.find(({ id }) => id === of) : undefined;
    if (place)
      names.set(word, { words: plainWords(word), places: new Set([place.id]), weak: false });
  }
  const byFirst = new Map<string, PlaceName[]>();
  for (const { words, places: ids, weak } of names.values()) {
    const first = words[0] ?? '';
    byFirst.set(first, [...(byFirst.get(first) ?? []), { words, places: [...ids], weak }]);
  }
  for (const rows of byFirst.values()) rows.sort((a, b) => b.words.length - a.words.length);
  return byFirst;
}

const phraseStems = (text: string): string[] =>
  plainWords(text)
    .filter((word) => !/^(?:the|a|an|of|on|and|in|to|at|is|what|by|with|two|its|it)$/.test(word))
    .map(stem);

function stepsOf(jobs: readonly LogJob[]): KnownStep[] {
  const groups = new Map<string, LogJob[]>();
  for (const job of jobs) {
    const key = [job.title, ...job.says].join('\n');
    const known = groups.get(key);
    if (known) known.push(job);
    else groups.set(key, [job]);
  }
  return [...groups.values()].map((same) => {
    const [job] = same;
    const step = (job && stepInId(job.id)) ?? '';
    const operation = operationOf(step);
    const phrases = [job?.title ?? '', ...(job?.says ?? [])].map(phraseStems);
    return {
      phrases,
      stems: new Set(phrases.flat()),
      verb: operation ? verbOf(operation.key) : 0,
      on: operation?.on ?? 0,
      jobs: same,
    };
  });
}

function lexiconOf(
  context: Omit<LogContext, 'lexicon'>,
  taught: Readonly<Record<string, Meaning>>,
): Lexicon {
  const lessons = Object.entries(taught).map(([word, means]) => ({ word, ...means }));
  const steps = stepsOf(withOwnWords(context.jobs, lessons));
  const byStem = new Map<string, number[]>();
  steps.forEach(({ stems }, at) => {
    for (const one of stems) {
      const known = byStem.get(one);
      if (known) known.push(at);
      else byStem.set(one, [at]);
    }
  });
  const weights = new Map(
    [...byStem].map(([one, { length }]) => [
      one,
      length <= 3 ? 1 : length <= 8 ? 0.8 : length <= 20 ? 0.6 : 0.45,
    ]),
  );
  const placeNames = placeNamesOf(context.places, lessons);
  const nicknames = lessons
    .filter(({ is, of }) => is === 'person' && context.people.some(({ id }) => id === of))
    .map(({ word, of }) => ({ id: of as PersonId, words: plainWords(word) }));
  const words = new Set([
    ...byStem.keys(),
    ...CUE_WORDS,
    ...FILLER,
    ...[...placeNames.values()].flat().flatMap((name) => name.words),
    ...context.people.flatMap((person) => person.words),
    ...nicknames.flatMap((person) => person.words),
    ...context.shops.flatMap((shop) => shop.words),
    ...context.kinds.flatMap((kind) => kind.stems),
  ]);
  return {
    nicknames,
    taught: new Set(Object.keys(taught)),
    placeNames,
    steps,
    byStem,
    weights,
    words,
    meant: new Map(),
  };
}

/** The shops that the diary and the orders name. */
const shopsOf = (project: Pick<Project, 'days' | 'orders'>): string[] => [
  ...new Set([
    ...daysInOrder(project).flatMap(({ entries }) =>
      entries.flatMap((entry) => (entry.kind === 'money' && entry.shop ? [entry.shop] : [])),
    ),
    ...Object.values(project.orders).flatMap(({ shop }) => shop ?? []),
  ]),
];

/** What the lines of a house are read by. `jobs` are the planned ones, with how far each is. */
export function contextOf(
  project: Project,
  jobs: readonly LogJob[],
  today: PlainDate,
  lines: readonly LogLine[] = [],
): LogContext {
  const { currency, units } = project;
  const known = {
    today,
    firstDay: project.house.firstDay,
    currency,
    units,
    ...conventionsOf(project),
    budget: project.budget?.total ?? null,
    worked: daysInOrder(project)
      .slice(-40)
      .flatMap(({ date, entries }) =>
        entries.flatMap((entry) => (entry.kind === 'hours' ? [{ date, entry }] : [])),
      )
      .slice(-100),
    people: project.people.map(({ id, name, role }, at, all) => ({
      id,
      name,
      // Of several owners the first is "me".
      self: role === 'self' && all.findIndex((each) => each.role === 'self') === at,
      words: plainWords(name),
    })),
    places: placesInOrder(project),
    records: Object.values(project.wallRecords),
    shops: [
      ...shopsOf(project).map((name) => ({ name, words: plainWords(name) })),
      ...Object.entries(project.taught).flatMap(([word, { is, of }]) =>
        is === 'shop' ? [{ name: of, words: plainWords(word) }] : [],
      ),
    ],
    kinds: offeredKinds(project.ownKinds).map(({ id, title }) => ({
      id,
      title,
      stems: plainWords(title).map(stem),
    })),
    jobs,
    lines,
  };
  return { ...known, lexicon: lexiconOf(known, project.taught) };
}

/** A job's whole amount in feet, square feet or pieces. */
export function wholeOf({
  quantity,
}: LogJob): { amount: number; of: 'area' | 'length' | 'count' } | null {
  switch (quantity?.kind) {
    case 'area':
      return { amount: quantity.area / AREA_PER_SQFT, of: 'area' };
    case 'run':
      return { amount: quantity.length / TICKS_PER_FOOT, of: 'length' };
    case 'count':
      return { amount: quantity.count, of: 'count' };
    case undefined:
      return null;
  }
}
