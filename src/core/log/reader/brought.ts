import { isSameThing, recordOf, recordWith } from '../../records/walls';
import { correctionJobs, correctionsIn } from '../../records/inspections';
import { findStep, stepInId } from '../../trade/steps';
import {
  heldSchema,
  jobIdSchema,
  personIdSchema,
  workChoiceSchema,
  rectangle,
  type Answer,
  type Entry,
  type EntryOf,
  type Person,
  type Project,
} from '../../house';
import type { EventBodyOf } from '../../journal';
import { minutes, parseLength, type PlainDate, type Ticks, type UnitSystem } from '../../units';
import { surfaceValue } from './behind';

/** What one line brings into the journal beside itself. */
export type Brought = { events: EventBodyOf[]; entries: Entry[]; answers: readonly Answer[] };

const withoutNew = (id: string): string => id.replace(/^new:/, '');

const NO_HOURS = [0, 0, 0, 0, 0, 0, 0].map(minutes);

/** Names that entries carry in place of an id: new helpers, taken in with the line. */
function newHelpers(entries: readonly Entry[], project: Project): string[] {
  const known = new Set<string>([
    ...project.people.map(({ id }) => id),
    ...Object.keys(project.formerNames),
  ]);
  return [
    ...new Set(
      entries.flatMap((entry) => (entry.kind === 'hours' ? [entry.personId as string] : [])),
    ),
  ].filter((id) => !known.has(id));
}

const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

/**
 * A new name becomes a helper without hours of their own yet; a room that was measured gets its size, a wall what is
 * behind it, the punch list what is to be put right, and a visit that failed the jobs that put it right.
 */
export function eventsOf(
  entries: readonly Entry[],
  answers: readonly Answer[],
  project: Project,
  freshId: () => string,
  date: PlainDate,
): Brought {
  const ids = new Map<string, Person>();
  for (const name of newHelpers(entries, project)) {
    const id = personIdSchema.parse(freshId());
    ids.set(name, { id, name: capital(name), role: 'helper', week: NO_HOURS });
  }
  const people = [...project.people, ...ids.values()];
  const idOf = (id: string) => ids.get(id)?.id ?? id;
  return {
    events: [
      ...(ids.size > 0 ? [{ type: 'peopleAgreed' as const, payload: { people } }] : []),
      ...entries.flatMap((entry) =>
        entry.kind === 'decision' ? worksChosen(entry, project, freshId) : [],
      ),
      ...heldBehind(entries, project, date, freshId),
      ...punchItems(entries, project, date, freshId),
      ...entries.flatMap((entry) =>
        entry.kind === 'inspection' ? putRight(entry, project, freshId) : [],
      ),
      ...entries.flatMap((entry) => (entry.kind === 'measured' ? roomSized(entry, project) : [])),
    ],
    entries: entries.map((entry) =>
      entry.kind === 'hours'
        ? { ...entry, personId: personIdSchema.parse(idOf(entry.personId)) }
        : entry,
    ),
    answers: answers.map((answer) =>
      answer.slot === 'who'
        ? { ...answer, value: answer.value.split(' ').map(withoutNew).map(idOf).join(' ') }
        : answer,
    ),
  };
}

/** The works a decision names, those the room has already left out. */
function worksChosen(
  { placeId, works = [] }: EntryOf<'decision'>,
  project: Project,
  freshId: () => string,
): EventBodyOf[] {
  if (placeId === null) return [];
  const has = (workId: string) =>
    Object.values(project.works).some((work) => work.placeId === placeId && work.workId === workId);
  return works
    .filter((workId) => !has(workId))
    .map((workId) => ({
      type: 'workChosen',
      payload: workChoiceSchema.parse({ id: freshId(), placeId, workId, count: 1 }),
    }));
}

/** The walls of a room whose length and width were said, where it is the room itself that was measured. */
function roomSized(entry: EntryOf<'measured'>, project: Project): EventBodyOf[] {
  const place = entry.placeId === null ? undefined : project.places[entry.placeId];
  if (!place || entry.what.toLowerCase() !== place.name.toLowerCase()) return [];
  const read = (text: string | undefined) => sizeSaid(text, project.units);
  const [length, width, height] = [
    read(entry.size.length),
    read(entry.size.width),
    read(entry.size.height),
  ];
  // A room of another shape than a rectangle is measured wall by wall.
  if (length === undefined || width === undefined || place.walls.length !== 4) return [];
  return [
    {
      type: 'placeCorrected',
      payload: {
        ...place,
        walls: rectangle(length, width),
        ...(height === undefined ? {} : { height }),
      },
    },
  ];
}

/** What was said to be behind walls, with what is kept of each wall already. */
function heldBehind(
  entries: readonly Entry[],
  project: Project,
  today: PlainDate,
  freshId: () => string,
): EventBodyOf[] {
  const said = entries.filter((entry) => entry.kind === 'behind');
  const walls = [...new Map(said.map((entry) => [surfaceValue(entry.placeId, entry.at), entry]))];
  return walls.flatMap(([value, { placeId, at, on }]): EventBodyOf[] => {
    const place = project.places[placeId];
    if (!place) return [];
    const here = said.filter((entry) => surfaceValue(entry.placeId, entry.at) === value);
    const before = recordOf(project, place, at)?.holds ?? [];
    // A line read again says what it said: nothing of it is there twice.
    const holds = here
      .filter((entry) => !before.some((held) => isSameThing(held, entry)))
      .map((entry) => heldSchema.parse(entry));
    if (holds.length === 0) return [];
    const payload = recordWith(
      project,
      place,
      at,
      { holds: [...before, ...holds] },
      { id: freshId(), on: on ?? today },
    );
    return [{ type: 'wallRecorded', payload }];
  });
}

/** The jobs that put a failed visit right, but for those that stand in the plan already. */
function putRight(
  { jobId, result, note, which }: EntryOf<'inspection'>,
  project: Project,
  freshId: () => string,
): EventBodyOf[] {
  if (result !== 'failed' || jobId === null || note === null) return [];
  const [where = ''] = jobId.split('/');
  const placeId = project.places[where]?.id ?? null;
  const known = Object.values(project.ownJobs).filter(({ before }) => before.includes(jobId));
  const visit = {
    id: jobId,
    title: `The visit “${which}”`,
    placeId,
    stage: findStep(stepInId(jobId) ?? '')?.stage ?? STAGE_OF_VISITS,
  };
  const newId = () => jobIdSchema.parse(`${placeId ?? 'house'}/own.${freshId()}`);
  return correctionJobs(visit, correctionsIn(note), newId)
    .filter(({ title }) => !known.some((job) => job.title === title))
    .map((payload) => ({ type: 'jobAdded', payload }));
}
/** Rough work is behind a visit that no step tells of. */
const STAGE_OF_VISITS = 8;

/** What goes on the punch list, but for what stands there already. */
function punchItems(
  entries: readonly Entry[],
  { punch }: Project,
  today: PlainDate,
  freshId: () => string,
): EventBodyOf[] {
  const isOnList = ({ what, placeId }: EntryOf<'punch'>) =>
    Object.values(punch).some((item) => item.what === what && item.placeId === placeId);
  return entries.flatMap((entry): EventBodyOf[] =>
    entry.kind === 'punch' && !isOnList(entry)
      ? [
          {
            type: 'punchNoted',
            payload: {
              id: freshId(),
              what: entry.what,
              placeId: entry.placeId,
              on: entry.on ?? today,
              closedOn: null,
            },
          },
        ]
      : [],
  );
}

/** No room of a house is longer, in its own units; more is a window in inches. */
const LONGEST_BARE = 60;

/** A length as it was said; without a unit it is metres or feet, as the house is measured. */
function sizeSaid(text: string | undefined, units: UnitSystem): Ticks | undefined {
  if (text === undefined) return undefined;
  const read = parseLength(text);
  if (read.ok) return read.value;
  const bare = Number(text.replace(',', '.'));
  if (read.error.code !== 'no-unit' || !(bare > 0) || bare > LONGEST_BARE) return undefined;
  const again = parseLength(`${text} ${units === 'metric' ? 'm' : 'ft'}`);
  return again.ok ? again.value : undefined;
}
