import type { Entry, PersonId, PlaceId } from '../../house';
import { minutes as minutesOf } from '../../units';
import type { LogContext, LogJob } from './context';
import { farIn, progressOf } from './far';
import { jobsFor, nearBest, placesSaid, type JobFit } from './jobs';
import type { Phrase } from './line';
import { MOST_CHOICES, type Ahead, type Made, type Rows, type Told } from './making';
import { whoWorked } from './people';
import { jobsHere } from './progress';
import type { Memory } from './reading';
import type { Statement } from './segment';
import { hasStrangeWord, rowsBeside, strangerIn } from './strangers';
import { thingIn } from './things';
import { FILLER, wordsIn } from '../../language/stems';

/** "Taping back bedroom, second coat done": the words alone say less than the statement behind them. */
function pointsTo(statement: Statement, job: LogJob, context: LogContext): boolean {
  const step = context.lexicon.steps.find(({ jobs }) => jobs.includes(job));
  const said = [...statement.facts.stretch.stems().keys()];
  const { all } = placesSaid(statement.facts.stretch);
  if (all.length > 0 && job.placeId !== null && !all.includes(job.placeId)) return false;
  return said.length === 0 || (step !== undefined && said.some((stem) => step.stems.has(stem)));
}

function candidatesOf(
  statement: Statement,
  ahead: Ahead,
  memory: Memory,
  context: LogContext,
): JobFit[] {
  const { stretch, steps } = statement.facts;
  const { all, unclear } = placesSaid(stretch);
  const places = all.length > 0 ? all : (unclear ?? []);
  const found = jobsFor(stretch.stems(), places, memory, context, steps);
  const told = ahead.told;
  if (told && pointsTo(statement, told, context))
    return [
      { job: told, fit: (found[0]?.fit ?? 0) + 1 },
      ...found.filter(({ job }) => job.id !== told.id),
    ];
  const isBare = statement.facts.content === 0;
  if (found.length === 0 && isBare && places.length === 0) {
    const remembered = context.jobs.find(({ id }) => id === memory.jobId);
    const named = ahead.named ?? remembered;
    if (named) return [{ job: named, fit: 1 }];
  }
  return found;
}

/** A person of the house by id; a new one by the name that stands for the id until the line is kept. */
const idOf = (id: string, context: LogContext): PersonId | undefined =>
  id.startsWith(NEW)
    ? (id.slice(NEW.length) as PersonId)
    : context.people.find((person) => person.id === id)?.id;
const NEW = 'new:';

/** What was done in the line's words; nothing where they are only joining words. */
function wordsOfWork(stretch: Phrase): string {
  const cues = [
    'done',
    'begun',
    'helped',
    'each',
    'in',
    'forgot',
    'same',
    'not-done',
    'guess',
    'spent',
  ] as const;
  const thing = thingIn(stretch, cues);
  return wordsIn(thing).every((word) => FILLER.has(word)) ? '' : thing;
}

/** Hours, with what they went into and how far that got. */
export function workMade(
  statement: Statement,
  told: Told,
  ahead: Ahead,
  memory: Memory,
  context: LogContext,
): Made {
  const { stretch } = statement.facts;
  const { all, unclear } = placesSaid(stretch);
  const found = candidatesOf(statement, ahead, memory, context);
  const jobs = found.slice(0, MOST_CHOICES).map(({ job }) => job.id);
  const worked = whoWorked(stretch);
  const self = context.people.find((person) => person.self)?.id;
  let rows = worked.ok ? worked.rows : [];
  const answeredWho = told.get('who');
  if (answeredWho !== undefined) {
    const ids = answeredWho.split(' ').flatMap((id) => idOf(id, context) ?? []);
    const time = rows[0]?.minutes ?? stretch.all('duration')[0]?.minutes ?? 0;
    const before = new Map(rows.map((row) => [row.personId, row.minutes]));
    if (ids.length > 0) {
      rows = ids.map((personId) => ({ personId, minutes: before.get(personId) ?? time }));
    }
  }
  const answeredMinutes = told.get('minutes');
  if (answeredMinutes !== undefined) {
    const given = answeredMinutes.split(' ').map(Number);
    rows = rows.map((row, at) => ({ ...row, minutes: given[at] ?? given[0] ?? row.minutes }));
  }
  const answeredRoom = told.get('room');
  const room =
    answeredRoom !== undefined
      ? (answeredRoom as PlaceId) || null
      : (all[0] ??
        (unclear
          ? null
          : statement.facts.content > 0 || found.length > 0
            ? memory.place
            : (memory.place ?? null)));
  const thing = wordsOfWork(stretch);
  const entriesFor = (
    job: LogJob | null,
    people: typeof rows,
    place: PlaceId | null = room,
  ): Entry[] => {
    const said = farIn(stretch, job);
    // Counted tonight on top of what was told before: how much in all is not known.
    const isMore = said?.isAdded === true && (job?.share ?? 0) > 0;
    const how = said && isMore ? { ...said, share: null } : said;
    return [
      ...people.map(({ personId, minutes }): Entry => ({
        kind: 'hours',
        personId,
        minutes: minutesOf(minutes),
        jobId: job?.id ?? null,
        placeId: job ? job.placeId : place,
        ...(job === null && thing ? { what: thing } : {}),
      })),
      ...(job && how && !(how.share === null && !how.quantity && !how.begun)
        ? [progressOf(job, how)]
        : []),
    ];
  };
  const answeredJob = told.get('job');
  if (answeredJob !== undefined) {
    const job = context.jobs.find(({ id }) => id === answeredJob) ?? null;
    return {
      entries: entriesFor(job, rows),
      jobs,
      job,
      place: job?.placeId ?? room,
    };
  }
  const near = nearBest(found);
  const [best] = near;
  const made = { jobs, job: best?.job ?? null, place: best?.job.placeId ?? room };
  if (rows.length === 0 && (!worked.ok || answeredWho === undefined)) {
    return {
      ...made,
      entries: [],
      ask: whoAsked(statement, worked.ok ? 'which-people' : worked.because, context, (some) =>
        entriesFor(best?.job ?? null, some),
      ),
    };
  }
  const stranger = answeredWho === undefined ? strangerIn(stretch, context) : null;
  const beside = stranger ? rowsBeside(stretch, rows) : [];
  if (stranger && self) {
    const options = [
      {
        label: { is: 'new-person' as const, name: stranger },
        value: [...beside.map(({ personId }) => personId), `new:${stranger}`].join(' '),
        entries: entriesFor(best?.job ?? null, [
          ...beside,
          { personId: stranger as PersonId, minutes: rows[0]?.minutes ?? 0 },
        ]),
      },
      ...context.people.map(({ id }) => ({
        label: { is: 'person' as const, personId: id },
        value: id,
        entries: entriesFor(best?.job ?? null, [{ personId: id, minutes: rows[0]?.minutes ?? 0 }]),
      })),
    ];
    return { ...made, entries: [], ask: { code: 'who', slot: 'who', options } };
  }
  if (all.length > 1)
    return { ...made, entries: [], ask: placesAsked(all, found, rows, entriesFor) };
  // "Taping nursery": a room this house does not have must not become another.
  const isElsewhere =
    best !== undefined &&
    best.job.placeId !== null &&
    all.length === 0 &&
    unclear === null &&
    hasStrangeWord(stretch, context);
  if (near.length > 1 || isElsewhere) {
    return {
      ...made,
      entries: [],
      ask: {
        code: 'which-job',
        slot: 'job',
        options: [
          ...near.slice(0, MOST_CHOICES).map(({ job }) => ({
            label: { is: 'job' as const, jobId: job.id },
            value: job.id,
            entries: entriesFor(job, rows),
          })),
          { label: { is: 'no-job' as const }, value: '', entries: entriesFor(null, rows) },
        ],
      },
    };
  }
  if (!best && unclear) {
    return {
      ...made,
      entries: [],
      ask: {
        code: 'which-room',
        slot: 'room',
        options: unclear.map((placeId) => ({
          label: { is: 'place' as const, placeId },
          value: placeId,
          entries: entriesFor(null, rows, placeId),
        })),
      },
    };
  }
  const isTold = stretch.has('done', 'begun') || statement.facts.shares.length > 0;
  if (!best && isTold) {
    const options = jobsHere(statement, all, memory, context).map((job) => ({
      label: { is: 'job' as const, jobId: job.id },
      value: job.id as string,
      entries: entriesFor(job, rows),
    }));
    const noJob = { label: { is: 'no-job' as const }, value: '', entries: entriesFor(null, rows) };
    return {
      ...made,
      entries: [],
      ask: { code: 'which-job', slot: 'job', options: [...options, noJob] },
    };
  }
  return { ...made, entries: entriesFor(best?.job ?? null, rows), wordsKept: !best };
}

function placesAsked(
  places: readonly PlaceId[],
  found: readonly JobFit[],
  rows: Rows,
  entriesFor: (job: LogJob | null, rows: Rows, place?: PlaceId | null) => Entry[],
): NonNullable<Made['ask']> {
  const bestIn = (placeId: PlaceId) =>
    found.find(({ job }) => job.placeId === placeId)?.job ?? null;
  const half = rows.map(({ personId, minutes }) => ({
    personId,
    minutes: Math.round(minutes / places.length),
  }));
  return {
    code: 'which-room',
    slot: 'job',
    options: [
      ...places.map((placeId) => {
        const job = bestIn(placeId);
        return {
          label: job ? { is: 'job' as const, jobId: job.id } : { is: 'place' as const, placeId },
          value: job?.id ?? placeId,
          entries: entriesFor(job, rows, placeId),
        };
      }),
      {
        label: { is: 'half-each' as const },
        value: 'half-each',
        entries: places.flatMap((placeId) => entriesFor(bestIn(placeId), half, placeId)),
      },
    ],
  };
}

function whoAsked(
  statement: Statement,
  because: 'which-people' | 'whose-time',
  context: LogContext,
  entriesFor: (rows: Rows) => Entry[],
): NonNullable<Made['ask']> {
  const times = statement.facts.durations.map(({ minutes }) => minutes);
  const time = times[0] ?? 0;
  const everybody = context.people.map(({ id }) => id);
  const self = context.people.filter((person) => person.self).map(({ id }) => id);
  const others = context.people.filter((person) => !person.self).map(({ id }) => id);
  const sets: PersonId[][] = [
    everybody,
    ...others.map((id) => [...self, id]),
    self,
    ...others.map((id) => [id]),
  ];
  const distinct = [...new Map(sets.map((ids) => [ids.join(' '), ids])).values()].filter(
    (ids) => ids.length > 0,
  );
  return {
    code: because === 'whose-time' ? 'whose-time' : 'who',
    slot: 'who',
    options: distinct.slice(0, MOST_CHOICES).map((personIds) => ({
      label:
        personIds.length === 1
          ? { is: 'person' as const, personId: personIds[0] ?? ('' as PersonId) }
          : { is: 'people' as const, personIds },
      value: personIds.join(' '),
      entries: entriesFor(personIds.map((personId) => ({ personId, minutes: time }))),
    })),
  };
}
