import type { Entry, JobId, PersonId, PlaceId } from '../house';
import type { PlainDate } from '../units';
import { readHours, readMaterial, readMoney, readShare, type Hours } from './clause';
import { splitClauses } from './clauses';
import { jobsIn, placesIn, type LogContext, type LogJob } from './context';
import { readDay } from './day';
import { stemsOf } from './words';

export type Choice =
  | { kind: 'job'; jobId: JobId; entries: Entry[] }
  | { kind: 'place-only'; entries: Entry[] }
  | { kind: 'person'; personId: PersonId; entries: Entry[] }
  | { kind: 'share'; share: number; jobId: JobId; entries: Entry[] }
  | { kind: 'find' | 'decision' | 'note'; entries: Entry[] }
  | { kind: 'leave-out'; entries: [] };

export type Question = {
  /** Stable while the rest of the line is typed. */
  id: string;
  code: 'which-job' | 'who' | 'how-far' | 'what-is-this';
  /** The words it is about. */
  about: string;
  choices: Choice[];
};

export type LogFault =
  | { code: 'empty' }
  | { code: 'before-start'; date: PlainDate; firstDay: PlainDate }
  | { code: 'future'; date: PlainDate; today: PlainDate };

export type Reading = {
  date: PlainDate;
  /** What the line says, in its order: entries that are clear, questions where it is not. */
  parts: ({ clause: string; entries: Entry[] } | { clause: string; question: Question })[];
  fault: LogFault | null;
};

type Memory = {
  place: PlaceId | null;
  job: LogJob | null;
  afterFind: boolean;
};

const FIND = /^(?:found|find|discovered)\b:?\s*/i;
const DECISION = /^(?:decided?|agreed)\b:?\s*(?:to\s+|on\s+)?/i;
const NOTE = /^(?:note|tomorrow|first tomorrow|weather)\b/i;
const FEW = 6;

/** Closer to hand is likelier meant: what is under way, then what is ready, then what is not done. */
const CLOSENESS: readonly LogJob['state'][] = ['in-hand', 'ready', 'open', 'done'];

function narrow(jobs: readonly LogJob[], memory: Memory): LogJob[] {
  const inPlace = jobs.filter((job) => job.placeId === memory.place);
  const pool = inPlace.length > 0 ? inPlace : jobs;
  for (const state of CLOSENESS) {
    const some = pool.filter((job) => job.state === state);
    if (some.length > 0) return some;
  }
  return [];
}

/** The job meant, or those it could be. Named places bind; a place spoken of before only leans. */
function jobFor(text: string, memory: Memory, context: LogContext): LogJob[] {
  const { best } = jobsIn(text, placesIn(text, context), context);
  const narrowed = narrow(best, memory);
  const remembered = narrowed.find((job) => job.id === memory.job?.id);
  return remembered ? [remembered] : narrowed;
}

const question = (
  code: Question['code'],
  about: string,
  choices: Choice[],
): { clause: string; question: Question } => ({
  clause: about,
  question: { id: `${code}:${about}`, code, about, choices: choices.slice(0, FEW + 1) },
});

const LEAVE_OUT: Choice = { kind: 'leave-out', entries: [] };

function hoursEntries(hours: Hours, people: PersonId[], job: LogJob | null, place: PlaceId | null) {
  return people.map((personId): Entry => ({
    kind: 'hours',
    personId,
    minutes: hours.minutes,
    jobId: job?.id ?? null,
    placeId: job?.placeId ?? place,
  }));
}

type Part = Reading['parts'][number];

/** What the clauses behind say of the work: told how far without hours of its own, or merely named. */
type Ahead = { told: LogJob | null; named: LogJob | null };

const NOTHING_AHEAD: Ahead = { told: null, named: null };

/** "taping back bedroom, second coat done": the words alone say less than the clause behind them. */
function pointsTo(words: string, ahead: LogJob, found: readonly LogJob[]): boolean {
  if (found.includes(ahead)) return true;
  const said = new Set(ahead.says.flatMap(stemsOf));
  const samePlace = found.some(({ placeId }) => placeId === ahead.placeId);
  return samePlace && stemsOf(words).some((word) => said.has(word));
}

function choose(words: string, found: readonly LogJob[], ahead: Ahead): readonly LogJob[] {
  if (found.length === 0) return [ahead.told ?? ahead.named].filter((job) => job !== null);
  return ahead.told && pointsTo(words, ahead.told, found) ? [ahead.told] : found;
}

/** Hours with a share told in the same breath: "3h taping back bedroom done". */
function readWork(
  clause: string,
  hours: Hours | undefined,
  ahead: Ahead,
  memory: Memory,
  context: LogContext,
): { part: Part; job: LogJob | null } | undefined {
  const told = readShare(hours?.rest ?? clause);
  if (!hours && !told) return undefined;
  const words = told?.rest ?? hours?.rest ?? clause;
  const place = placesIn(clause, context)[0] ?? memory.place;
  // "taping back bedroom, done": a share by itself is about the job just spoken of.
  const bare = !hours && stemsOf(words).length === 0 && memory.job ? [memory.job] : undefined;
  const found = bare ?? jobFor(words, { ...memory, place }, context);
  const candidates = choose(words, found, ahead);
  const entriesFor = (job: LogJob | null, people: PersonId[]): Entry[] => [
    ...(hours ? hoursEntries(hours, people, job, place) : []),
    ...(told && job ? [{ kind: 'progress' as const, jobId: job.id, share: told.share }] : []),
  ];
  const [only, second] = candidates;
  const people = hours?.people ?? [];
  if (people === 'unclear') {
    const choices = context.people.map(({ id }): Choice => ({
      kind: 'person',
      personId: id,
      entries: entriesFor(only ?? null, [id]),
    }));
    return { part: question('who', clause, [...choices, LEAVE_OUT]), job: only ?? null };
  }
  if (only && !second) return { part: { clause, entries: entriesFor(only, people) }, job: only };
  if (only) {
    const choices = candidates.map((job): Choice => ({
      kind: 'job',
      jobId: job.id,
      entries: entriesFor(job, people),
    }));
    const withoutJob: Choice[] = hours
      ? [{ kind: 'place-only', entries: entriesFor(null, people) }]
      : [];
    return {
      part: question('which-job', clause, [...choices, ...withoutJob, LEAVE_OUT]),
      job: null,
    };
  }
  if (hours && !told) return { part: { clause, entries: entriesFor(null, people) }, job: null };
  return undefined;
}

function unclear(clause: string, memory: Memory, context: LogContext): Part {
  const placeId = placesIn(clause, context)[0] ?? memory.place;
  const [job, second] = jobFor(clause, memory, context);
  if (job && !second) {
    const shares = [100, 50, 10].map((share): Choice => ({
      kind: 'share',
      share,
      jobId: job.id,
      entries: [{ kind: 'progress', jobId: job.id, share }],
    }));
    return question('how-far', clause, [...shares, LEAVE_OUT]);
  }
  const kinds = (['note', 'find', 'decision'] as const).map((kind): Choice => ({
    kind,
    entries: [{ kind, text: clause, placeId }],
  }));
  return question('what-is-this', clause, [...kinds, LEAVE_OUT]);
}

function readSaying(clause: string, memory: Memory, context: LogContext): Entry | undefined {
  const placeId = placesIn(clause, context)[0] ?? memory.place;
  const said = (kind: 'find' | 'decision' | 'note', pattern: RegExp | null): Entry => ({
    kind,
    text: (pattern ? clause.replace(pattern, '') : clause).trim() || clause,
    placeId,
  });
  if (FIND.test(clause)) return said('find', FIND);
  if (DECISION.test(clause)) return said('decision', DECISION);
  return NOTE.test(clause) ? said('note', null) : undefined;
}

/**
 * Hours said before the work they went into ("2h me and 3h Ana taping, second coat done") look at the
 * clauses behind them: the one that tells how far something got speaks first, then any that names a job.
 */
function workAhead(
  clauses: readonly string[],
  at: number,
  memory: Memory,
  context: LogContext,
): Ahead {
  let named: LogJob | null = null;
  for (const clause of clauses.slice(at + 1, at + 4)) {
    if (readSaying(clause, memory, context) || readMoney(clause, null, false, context)) continue;
    const hours = readHours(clause, context);
    const share = readShare(hours?.rest ?? clause);
    const place =
      placesIn(clause, context)[0] ??
      placesIn(clauses[at] ?? '', context)[0] ??
      memory.place ??
      placeBetween(clauses, at, context);
    const words = share?.rest ?? hours?.rest ?? clause;
    const [job, second] = jobFor(words, { ...memory, place }, context);
    if (!job || second) continue;
    if (share && !hours) return { told: job, named };
    named ??= job;
  }
  return { told: null, named };
}

/** The first place named in the clauses that follow. */
const placeBetween = (clauses: readonly string[], at: number, context: LogContext) =>
  clauses.slice(at + 1, at + 4).flatMap((clause) => placesIn(clause, context))[0] ?? null;

function readClause(
  clauses: readonly string[],
  at: number,
  memory: Memory,
  context: LogContext,
): { part: Part; memory: Memory } {
  const clause = clauses[at] ?? '';
  const named = placesIn(clause, context);
  const place = named[0] ?? memory.place;
  const next: Memory = { place, job: memory.job, afterFind: false };
  const saying = readSaying(clause, memory, context);
  if (saying) {
    const afterFind = saying.kind === 'find';
    return { part: { clause, entries: [saying] }, memory: { ...next, afterFind } };
  }
  const money = readMoney(clause, place, memory.afterFind, context);
  // A receipt's rooms are its own: they do not become the place the talk is about.
  if (money) return { part: { clause, entries: [money] }, memory };
  const material = readMaterial(clause, place, context);
  if (material && !readHours(clause, context)) {
    return { part: { clause, entries: [material] }, memory: next };
  }
  const hours = readHours(clause, context);
  const ahead = hours ? workAhead(clauses, at, memory, context) : NOTHING_AHEAD;
  const work = readWork(clause, hours, ahead, memory, context);
  if (!work) return { part: unclear(clause, next, context), memory: next };
  const job = work.job ?? memory.job;
  return { part: work.part, memory: { place: work.job?.placeId ?? place, job, afterFind: false } };
}

function faultOf(line: string, date: PlainDate, context: LogContext): LogFault | null {
  if (line.trim() === '') return { code: 'empty' };
  if (date < context.firstDay) {
    return { code: 'before-start', date, firstDay: context.firstDay };
  }
  return date > context.today ? { code: 'future', date, today: context.today } : null;
}

/**
 * Reads an evening said in one breath: who worked how long, what got how far, what was bought and used,
 * found and decided. Anything that could mean two things becomes a question with choices; nothing is guessed
 * silently and no word is dropped: every clause is in `parts`.
 */
export function readLine(
  line: string,
  context: LogContext,
  /** The day meant when the line names none: today, or the day of a line being corrected. */
  dayUnlessSaid: PlainDate = context.today,
): Reading {
  const said = readDay(line.trim(), context.today);
  const { rest } = said;
  const date = said.named ? said.date : dayUnlessSaid;
  const clauses = splitClauses(rest);
  const parts: Part[] = [];
  let memory: Memory = { place: null, job: null, afterFind: false };
  clauses.forEach((_, at) => {
    const read = readClause(clauses, at, memory, context);
    parts.push(read.part);
    memory = read.memory;
  });
  return { date, parts, fault: faultOf(rest, date, context) };
}

/** The entries of a reading, given the choices made so far; `open` are the questions nobody answered. */
export function settle(
  reading: Reading,
  answers: Readonly<Record<string, number>>,
): { entries: Entry[]; open: Question[] } {
  const entries: Entry[] = [];
  const open: Question[] = [];
  for (const part of reading.parts) {
    if ('entries' in part) entries.push(...part.entries);
    else {
      const choice = part.question.choices[answers[part.question.id] ?? -1];
      if (choice) entries.push(...choice.entries);
      else open.push(part.question);
    }
  }
  return { entries, open };
}
