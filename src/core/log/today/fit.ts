import type { Person } from '../../house';
import type { CautionId } from '../../trade/steps/cautions';
import type { Plan, PlannedJob } from '../../planning/report';
import type { OrderLine } from '../../estimating/purchasing/order-line';
import { ableFor } from '../../trade/steps/skill';
import { daylightOn } from '../../planning/calendar/daylight';
import { dateOf, minuteOfDay, minutes, toDayNumber, type Minutes } from '../../units';

export type Energy = 'tired' | 'usual' | 'strong';

/** The evening as it really is, whatever the calendar says. */
export type Evening = { mine: Minutes; helper: Minutes; energy: Energy };

type Pick = {
  job: PlannedJob;
  /** Person-minutes of this evening. */
  minutes: Minutes;
  hands: 1 | 2;
  by: 'me' | 'helper' | 'both';
  because: 'decides' | 'short' | 'heavy' | 'same-room' | 'begun' | 'ready';
};

export type Fitted = { picks: Pick[]; fits: Minutes; rooms: number };

/** Less than this of a job is not worth setting up for. */
const WORTH_BEGINNING = 40;
const SHORT = 75;
const MOST_JOBS = 4;
/** Nobody who is tired stays at one thing longer than this. */
const TIRED_AT_MOST = 90;
const HEAVY: ReadonlySet<string> = new Set<CautionId>(['weight', 'falls', 'structure']);

/** Whether a job is too much for a tired evening. */
export const isHeavy = (job: PlannedJob): boolean =>
  (job.work.kind === 'labour' && job.work.hands === 2) ||
  job.cautions.some((caution) => HEAVY.has(caution));

const handsOf = ({ work }: PlannedJob): 1 | 2 => (work.kind === 'labour' ? work.hands : 1);

/** Ready or in hand, one's own work, and possible at this hour. */
function candidates(plan: Plan): PlannedJob[] {
  const light = daylightOn(toDayNumber(dateOf(plan.now)));
  const isDark = minuteOfDay(plan.now) >= light.to;
  return plan.jobs.filter(
    ({ state, work, left, limits }) =>
      (state === 'ready' || state === 'in-hand') &&
      work.kind === 'labour' &&
      left > 0 &&
      !(limits.outdoors && isDark),
  );
}

/** Smaller goes first: what suits the evening, then what decides the date, then what is begun, then the same room. */
function rankFor(job: PlannedJob, { energy, helper }: Evening, rooms: ReadonlySet<string>) {
  const heavy = isHeavy(job);
  const suits =
    energy === 'tired'
      ? Number(job.left > SHORT)
      : energy === 'strong'
        ? Number(!(heavy && (handsOf(job) === 1 || helper > 0)))
        : 0;
  return [
    suits,
    Number(job.slackDays > 0),
    Number(job.state !== 'in-hand'),
    Number(rooms.size > 0 && !rooms.has(job.placeId ?? '')),
    job.start,
  ];
}

function compare(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, index) => value !== b[index]);
  return at < 0 ? 0 : (a[at] ?? 0) - (b[at] ?? 0);
}

function becauseOf(
  job: PlannedJob,
  { energy }: Evening,
  rooms: ReadonlySet<string>,
): Pick['because'] {
  if (energy === 'strong' && isHeavy(job)) return 'heavy';
  if (job.slackDays === 0) return 'decides';
  if (energy === 'tired' && job.left <= SHORT) return 'short';
  if (job.state === 'in-hand') return 'begun';
  return rooms.has(job.placeId ?? '') ? 'same-room' : 'ready';
}

/** What of a job fits into so many minutes of the clock; 0 when it is not worth beginning, or must not be broken off. */
function partThatFits(job: PlannedJob, clock: number): number {
  const need = job.left / handsOf(job);
  if (need <= clock) return need;
  const pieces = job.quantity.kind === 'count' ? job.quantity.count : 1;
  const piece = job.estimate / Math.max(1, pieces) / handsOf(job);
  if (job.limits.inOneGo === 'whole') return 0;
  if (job.limits.inOneGo === 'each') return Math.floor(clock / piece) * piece;
  return clock >= WORTH_BEGINNING ? clock : 0;
}

type By = Pick['by'];

/** Who may do a job this evening: who does its kind of work, or the one it was given to; two, where it wants two. */
function mayBy(job: PlannedJob, people: readonly Person[]): readonly By[] {
  const able = ableFor(people, job);
  const isMine = ({ id }: Person) => id === people.find(({ role }) => role === 'self')?.id;
  const named = people.find(({ id }) => id === job.by);
  const [me, helper] = [able.some(isMine), able.some((person) => !isMine(person))];
  if (handsOf(job) === 2) return me && helper ? ['both'] : [];
  return [
    ...(me && (!named || isMine(named)) ? (['me'] as const) : []),
    ...(helper && (!named || !isMine(named)) ? (['helper'] as const) : []),
  ];
}

/**
 * Fits the ready jobs to an evening: nothing heavy when tired, short ones first; the heavy ones when strong, with the
 * helper where two are wanted; else what decides the date. Few jobs, and few rooms; nobody gets what another does.
 */
export function fitEvening(plan: Plan, people: readonly Person[], evening: Evening): Fitted {
  const { energy } = evening;
  let [mine, helper]: [number, number] = [evening.mine, evening.helper];
  const picks: Pick[] = [];
  const rooms = new Set<string>();
  const left = candidates(plan).filter((job) => energy !== 'tired' || !isHeavy(job));
  while (picks.length < MOST_JOBS && left.length > 0) {
    left.sort((a, b) => compare(rankFor(a, evening, rooms), rankFor(b, evening, rooms)));
    const job = left.shift();
    if (!job) break;
    const hands = handsOf(job);
    const clocks = { both: Math.min(mine, helper), me: mine, helper };
    const [by] = mayBy(job, people).toSorted((a, b) => clocks[b] - clocks[a]);
    if (!by) continue;
    const clock = clocks[by];
    const part = partThatFits(job, energy === 'tired' ? Math.min(clock, TIRED_AT_MOST) : clock);
    if (part <= 0) continue;
    if (by !== 'helper') mine -= part;
    if (by !== 'me') helper -= part;
    const because = becauseOf(job, evening, rooms);
    picks.push({ job, minutes: minutes(part * hands), hands, by, because });
    rooms.add(job.placeId ?? '');
  }
  return {
    picks,
    fits: minutes(picks.reduce((sum, pick) => sum + pick.minutes, 0)),
    rooms: rooms.size,
  };
}

/** What to have at hand before a job begins, what to fetch on the way, and what to hire. */
export type Preparation = {
  jobId: PlannedJob['id'];
  have: OrderLine[];
  fetch: OrderLine[];
  hire: string | null;
};

/** Only what is not in the house yet is fetched; what a job under way has already is not told again. */
export const prepare = (plan: Plan, jobs: readonly PlannedJob[]): Preparation[] =>
  jobs.flatMap((job) => {
    const lines = plan.orders.filter(({ jobId }) => jobId === job.id);
    const have = lines.filter(({ state }) => state === 'here');
    const fetch = lines.filter(({ state }) => state === 'to-order' || state === 'short');
    const hire = job.limits.hire?.tool ?? null;
    return have.length + fetch.length > 0 || hire !== null
      ? [{ jobId: job.id, have, fetch, hire }]
      : [];
  });
