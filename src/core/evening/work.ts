import type { Entry, JobId, PersonId, PlaceId } from '../house';
import { minutes as minutesOf } from '../units';
import type { LogContext, LogJob } from './context';
import { wholeOf } from './context';
import { jobsFor, nearBest, placesSaid, type JobFit } from './jobs';
import type { Stretch } from './line';
import { whoWorked } from './people';
import type { Label, Memory, QuestionCode, Slot } from './reading';
import type { Statement } from './segment';
import { thingIn } from './things';
import { meantBy } from './marks';
import { FILLER, stem, wordsIn } from './words/stems';
import { inFeet } from './words/units';

/** A statement's reading before it is written down: entries, or what to choose between. */
export type Made = {
  entries: Entry[];
  ask?: {
    code: QuestionCode;
    slot: Slot;
    options: { label: Label; value: string; entries: Entry[] }[];
  };
  jobs?: readonly JobId[];
  job?: LogJob | null;
  place?: PlaceId | null;
  people?: readonly PersonId[];
  /** Tokens whose words the entries hold. */
  wordsKept?: boolean;
};

/** What was answered of a statement, by slot. */
export type Told = ReadonlyMap<Slot, string>;

/** What the statements behind this one say of the work: a job told how far without a time of its own, or merely named. */
export type Ahead = { told: LogJob | null; named: LogJob | null };
export const NOTHING_AHEAD: Ahead = { told: null, named: null };

const MOST_CHOICES = 6;

/** What is said of how far a job is: a share, a count, both, or only that it was begun. */
export type Far = {
  share: number | null;
  begun: boolean;
  isAdded: boolean;
  quantity: { thousandths: number; unit: string } | null;
};

const clamp = (percent: number): number => Math.min(100, Math.max(1, Math.floor(percent)));

/** How far, as far as the words say; a count becomes a share where its unit fits the job's. */
export function farIn(stretch: Stretch, job: LogJob | null): Far | null {
  const [percent] = stretch.all('percent');
  if (percent) return far(clamp(percent.percent));
  const [ratio] = stretch.all('ratio');
  if (ratio) return far(clamp((100 * ratio.part) / ratio.whole));
  const [fraction] = stretch.all('fraction');
  if (fraction) return far(Math.round(fraction.share * 100));
  const [amount] = stretch.all('amount');
  const [number] = stretch.all('number');
  if (amount && stretch.has('to-go') && number) {
    return far(clamp((100 * amount.value) / (amount.value + number.value)));
  }
  if (amount) {
    const quantity = { thousandths: Math.round(amount.value * 1000), unit: amount.unit };
    const whole = job ? wholeOf(job) : null;
    const unit = inFeet(amount.unit);
    const isCounted = whole?.of === 'count' && !unit;
    const value = isCounted
      ? amount.value
      : unit && whole && unit.of === whole.of
        ? amount.value * unit.feet
        : null;
    const share =
      value !== null && whole && whole.amount > 0 ? clamp((100 * value) / whole.amount) : null;
    if (stretch.has('done') && share === null) return { ...far(null), quantity };
    return { share, begun: false, isAdded: true, quantity };
  }
  if (stretch.has('not-done')) return null;
  if (stretch.has('done'))
    return stretch.has('nearly') ? { ...far(null), isAdded: false } : far(100);
  if (stretch.has('begun')) return { ...far(null), begun: true };
  return null;
}

const far = (share: number | null): Far => ({
  share,
  begun: false,
  isAdded: false,
  quantity: null,
});

function progressOf(
  job: LogJob,
  { share, begun, quantity }: Far,
  now: number | null = share,
): Entry {
  return {
    kind: 'progress',
    jobId: job.id,
    ...(now !== null && !begun ? { share: now } : {}),
    ...(quantity ? { quantity } : {}),
  };
}

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
function wordsOfWork(stretch: Stretch): string {
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
      people: rows.map(({ personId }) => personId),
    };
  }
  const near = nearBest(found);
  const [best] = near;
  const people = rows.map(({ personId }) => personId);
  const made = { jobs, job: best?.job ?? null, place: best?.job.placeId ?? room, people };
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

/** A word behind the work that nothing in the house, and no talk, knows. */
const hasStrangeWord = (stretch: Stretch, { lexicon }: LogContext): boolean =>
  stretch
    .freeWords(() => true)
    .map((at) => meantBy(stretch.line.tokens[at]?.word ?? '', stretch.context))
    .some((word) => word.length > 3 && !lexicon.words.has(word) && !lexicon.byStem.has(stem(word)));

type Rows = { personId: PersonId; minutes: number }[];

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

/** Those who worked along with a stranger: whoever is named, and the owner where the stranger was only with him. */
function rowsBeside(stretch: Stretch, rows: Rows): Rows {
  const isWith = stretch.tokens.some(({ word }) => word === 'with');
  return isWith || stretch.marked('person').length > 0 ? rows : [];
}

const RELATIVES =
  /^(?:brother|sister|wife|husband|dad|father|mom|mum|mother|son|daughter|neighbou?r|friend|uncle|aunt|cousin|partner|nephew|niece|boyfriend|girlfriend|buddy|mate)s?$/;

/** A name that nobody in the house has: capitalised, or before "helped". */
export function strangerIn(stretch: Stretch, context: LogContext): string | null {
  const { tokens } = stretch.line;
  const free = new Set(stretch.freeWords(() => true));
  const isDuration = (at: number) =>
    stretch.items.some((item) => item.is === 'duration' && (item.at === at || item.to === at));
  const hasPerson = stretch.marked('person').length > 0;
  for (const at of free) {
    const token = tokens[at];
    if (!token || token.text.length < 2) continue;
    const own = tokens[at - 1]?.word ?? '';
    if (RELATIVES.test(token.word) && /^(?:my|our|the|a|with|and|her|his)$/.test(own))
      return token.text;
    const isKnown = context.lexicon.byStem.has(token.word) || context.lexicon.words.has(token.word);
    const helps = stretch.marks.some(
      (mark) => mark.is === 'cue' && mark.cue === 'helped' && mark.at === at + 1,
    );
    const isCapital = /^\p{Lu}\p{Ll}/u.test(token.text);
    const isFirst = at === 0 || /^[.;!?]$/.test(tokens[at - 1]?.text ?? '');
    const beside =
      isDuration(at + 1) || isDuration(at) || /^(?:and|with|,)$/.test(tokens[at - 1]?.word ?? '');
    const acts =
      isFirst &&
      !hasPerson &&
      stretch.context.lexicon.steps.length > 0 &&
      /(?:ed|ing)$/.test(tokens[at + 1]?.word ?? '');
    if (isKnown) continue;
    if (helps || (isCapital && (beside || acts)) || (acts && isFirst && !isCapital && !hasPerson))
      return token.text;
  }
  return null;
}

/** How far a job is, without hours. */
export function progressMade(
  statement: Statement,
  told: Told,
  memory: Memory,
  context: LogContext,
): Made {
  const { stretch, content } = statement.facts;
  const { all, unclear } = placesSaid(stretch);
  const places = all.length > 0 ? all : (unclear ?? []);
  let found = jobsFor(stretch.stems(), places, memory, context, statement.facts.steps);
  const remembered = context.jobs.find(({ id }) => id === memory.jobId);
  if (
    found.length === 0 &&
    content === 0 &&
    remembered &&
    (places.length === 0 || places.includes(remembered.placeId ?? ('' as PlaceId)))
  ) {
    found = [{ job: remembered, fit: 1 }];
  }
  const jobs = found.slice(0, MOST_CHOICES).map(({ job }) => job.id);
  const answered = told.get('job');
  const chosen =
    answered === undefined ? undefined : context.jobs.find(({ id }) => id === answered);
  const near = chosen ? [{ job: chosen, fit: 1 }] : nearBest(found);
  const answeredShare = told.get('share');
  const entriesFor = (job: LogJob): Entry[] => {
    const how = farIn(stretch, job) ?? far(100);
    return answeredShare !== undefined
      ? [progressOf(job, { ...how, begun: false }, clamp(Number(answeredShare)))]
      : [progressOf(job, how)];
  };
  const [best] = near;
  if (!best) {
    const ask = jobAsked(statement, places, memory, context, entriesFor);
    return ask ? { entries: [], jobs, ask } : { entries: [], jobs };
  }
  const made = { jobs, job: best.job, place: best.job.placeId };
  if (near.length > 1) {
    return {
      ...made,
      entries: [],
      ask: {
        code: 'which-job',
        slot: 'job',
        options: near.slice(0, MOST_CHOICES).map(({ job }) => ({
          label: { is: 'job', jobId: job.id },
          value: job.id,
          entries: entriesFor(job),
        })),
      },
    };
  }
  const how = farIn(stretch, best.job);
  if (
    answeredShare === undefined &&
    how === null &&
    (stretch.has('set', 'in') || statement.facts.isPassive)
  ) {
    // "Toilet set", "cable all in": said of the whole.
    return { ...made, entries: [progressOf(best.job, far(100))] };
  }
  if (
    answeredShare === undefined &&
    (how === null || (how.share === null && !how.quantity && !how.begun))
  ) {
    return { ...made, entries: [], ask: howFar(best.job) };
  }
  const before = best.job.share ?? 0;
  const isOpen =
    how?.isAdded && how.share !== null && before > 0 && before < 100 && !saysTotal(stretch);
  if (answeredShare === undefined && isOpen && how.share !== null) {
    const added = Math.min(100, before + how.share);
    return {
      ...made,
      entries: [],
      ask: {
        code: 'total-or-added',
        slot: 'share',
        options: [
          {
            label: { is: 'added', share: added },
            value: `${added}`,
            entries: [progressOf(best.job, how, added)],
          },
          {
            label: { is: 'total', share: how.share },
            value: `${how.share}`,
            entries: [progressOf(best.job, how)],
          },
        ],
      },
    };
  }
  return { ...made, entries: entriesFor(best.job) };
}

/** How far something is that no job of the house is called: those of its room, what is under way first. */
function jobAsked(
  { facts }: Statement,
  places: readonly PlaceId[],
  memory: Memory,
  context: LogContext,
  entriesFor: (job: LogJob) => Entry[],
): Made['ask'] {
  if (facts.shares.length + facts.amounts.length === 0 && !facts.has('done')) return undefined;
  const jobs = jobsHere({ facts }, places, memory, context);
  if (jobs.length === 0) return undefined;
  return {
    code: 'which-job',
    slot: 'job',
    options: jobs.map((job) => ({
      label: { is: 'job', jobId: job.id },
      value: job.id,
      entries: entriesFor(job),
    })),
  };
}

/** The jobs of a room that words which fit none may mean: what they half fit first, then what is under way. */
function jobsHere(
  { facts }: Pick<Statement, 'facts'>,
  places: readonly PlaceId[],
  memory: Memory,
  context: LogContext,
): LogJob[] {
  const here = places.length > 0 ? places : memory.place === null ? [] : [memory.place];
  const near = facts.steps.flatMap(({ step }) => step.jobs);
  const order: readonly LogJob['state'][] = ['in-hand', 'ready', 'open'];
  const open = order.flatMap((state) => context.jobs.filter((job) => job.state === state));
  const found = [...near, ...open].filter(
    ({ placeId }) => placeId !== null && here.includes(placeId),
  );
  return [...new Map(found.map((job) => [job.id, job])).values()].slice(0, MOST_CHOICES - 1);
}

const saysTotal = (stretch: Stretch): boolean =>
  stretch.tokens.some(
    ({ word }, at, all) =>
      word === 'total' ||
      word === 'altogether' ||
      (word === 'so' && all[at + 1]?.word === 'far') ||
      (word === 'now' && at > 0),
  );

const howFar = (job: LogJob): NonNullable<Made['ask']> => ({
  code: 'how-far',
  slot: 'share',
  options: [100, 90, 75, 50, 25]
    .filter((share) => share > (job.share ?? 0))
    .map((share) => ({
      label: { is: 'share', share },
      value: `${share}`,
      entries: [{ kind: 'progress', jobId: job.id, share }],
    })),
});
