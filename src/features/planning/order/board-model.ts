import {
  moment,
  dateOf,
  daysBetween,
  formatDate,
  lastDayOf,
  mondayOf,
  type PlainDate,
} from '@/core/units';
import type { PlaceId } from '@/core/house';
import type { Plan, PlannedJob } from '@/core/planning/report';
import type { BoardState } from '@/ui';

/** A bar on the week board: jobs of one stage in one place that follow each other, or a wait. */
export type Bar = {
  key: string;
  label: string;
  state: BoardState;
  share: number;
  /** Days from the board's first Monday; a bar is at least one day long. */
  from: number;
  days: number;
  lane: number;
  /** Whether the label stands in the bar; else it runs on behind it, and the lane is kept free for it. */
  labelInside: boolean;
  jobs: readonly PlannedJob[];
  /** A delivery or a wait: it comes when it comes, and is not moved. */
  fixed: boolean;
  /** An inspection: what it covers stops there until it has passed. */
  hold: boolean;
  /** When, where the first job's own day would not say it. */
  when?: string;
};

export type BoardRow = { placeId: PlaceId | null; bars: Bar[]; lanes: number };
export type BoardModel = { monday: PlainDate; weeks: number; todayAt: number; rows: BoardRow[] };

const MERGE_GAP_DAYS = 3;
const SHORTEST_DAYS = 1;

type Loose = Omit<Bar, 'lane' | 'labelInside'>;

function barOf(jobs: readonly PlannedJob[], monday: PlainDate): Loose {
  const [first] = jobs;
  const last = jobs.at(-1);
  const begin = Math.max(0, daysBetween(monday, dateOf(first?.start ?? moment(0))));
  const end = daysBetween(monday, lastDayOf(last?.finish ?? moment(0))) + 1;
  const open = jobs.find(({ doneOn }) => doneOn === null) ?? first;
  return {
    key: first?.id ?? '',
    label: jobs.length === 1 ? (first?.title ?? '') : `${first?.title ?? ''} + ${jobs.length - 1}`,
    state: open?.state ?? 'later',
    share: (open?.share ?? 50) / 100,
    from: begin,
    days: Math.max(SHORTEST_DAYS, end - begin),
    jobs,
    fixed: false,
    hold: first !== undefined && isHold(first),
  };
}

function waitBar(job: PlannedJob, monday: PlainDate, now: PlainDate): Loose | undefined {
  if (!job.wait || job.wait.until <= job.finish) return undefined;
  const from = daysBetween(monday, dateOf(job.finish));
  const to = daysBetween(monday, lastDayOf(job.wait.until)) + 1;
  if (to - from < 2 || lastDayOf(job.wait.until) < now) return undefined;
  const begin = Math.max(0, from);
  return {
    key: `${job.id} wait`,
    label: job.wait.what,
    state: 'setting',
    share: 0,
    from: begin,
    days: Math.max(SHORTEST_DAYS, to - begin),
    jobs: [job],
    fixed: true,
    hold: false,
    when: `until ${formatDate(lastDayOf(job.wait.until), now)}`,
  };
}

/** What is on its way to a room: one bar for each order, on the day it is promised, or today when that has passed. */
function deliveryBars(plan: Plan, placeId: PlaceId | null, monday: PlainDate): Loose[] {
  const byId = new Map(plan.jobs.map((job) => [job.id, job]));
  const today = dateOf(plan.now);
  const seen = new Set<string>();
  return plan.orders.flatMap((line) => {
    const job = byId.get(line.jobId);
    const comes = line.state === 'on-the-way' || line.state === 'late';
    const key = `${line.orderId ?? line.lineId} comes`;
    if (!job || !comes || line.placeId !== placeId || line.expectedOn === null || seen.has(key))
      return [];
    seen.add(key);
    const on = line.expectedOn < today ? today : line.expectedOn;
    return {
      key,
      label: line.what,
      state: line.state === 'late' ? ('held' as const) : ('arrives' as const),
      share: 0,
      from: daysBetween(monday, on),
      days: SHORTEST_DAYS,
      jobs: [job],
      fixed: true,
      hold: false,
      when: line.state === 'late' ? 'late' : `comes ${formatDate(on, today)}`,
    };
  });
}

const isHold = ({ work }: PlannedJob): boolean => work.kind === 'inspection';

/** Jobs of one stage in a row are one bar, while no more than a few days lie between them; inspections stand alone. */
function mergeStages(jobs: readonly PlannedJob[]): PlannedJob[][] {
  const sorted = jobs.toSorted((a, b) => a.stage - b.stage || a.start - b.start);
  return sorted.reduce<PlannedJob[][]>((groups, job) => {
    const group = groups.at(-1);
    const last = group?.at(-1);
    const near =
      last !== undefined &&
      !isHold(last) &&
      !isHold(job) &&
      last.stage === job.stage &&
      last.state === job.state &&
      daysBetween(dateOf(last.finish), dateOf(job.start)) <= MERGE_GAP_DAYS;
    if (group && near) group.push(job);
    else groups.push([job]);
    return groups;
  }, []);
}

/** Bars one under another where they, or their labels, would run into each other. */
function intoLanes(
  bars: readonly Loose[],
  labelDays: (label: string) => number,
): { bars: Bar[]; lanes: number } {
  const ends: number[] = [];
  const placed = bars
    .toSorted((a, b) => a.from - b.from || b.days - a.days)
    .map((bar) => {
      const free = ends.findIndex((end) => end <= bar.from);
      const lane = free === -1 ? ends.length : free;
      const labelInside = bar.state !== 'in-hand' && !bar.hold && labelDays(bar.label) <= bar.days;
      ends[lane] = bar.from + bar.days + (labelInside ? 0 : labelDays(bar.label));
      return { ...bar, lane, labelInside };
    });
  return { bars: placed, lanes: Math.max(1, ends.length) };
}

/**
 * Rooms by weeks, from the Monday of this week: everything not yet done, and what is still setting.
 * `labelDays` is how many days' width a label takes as it is drawn.
 */
export function boardModel(
  plan: Plan,
  placeOrder: readonly PlaceId[],
  labelDays: (label: string) => number,
): BoardModel {
  const today = dateOf(plan.now);
  const monday = mondayOf(today);
  const shown = plan.jobs.filter((job) => job.doneOn === null);
  const rows = [...placeOrder, null].map((placeId): BoardRow => {
    const here = shown.filter((job) => job.placeId === placeId);
    const waits = plan.jobs
      .filter((job) => job.placeId === placeId)
      .flatMap((job) => waitBar(job, monday, today) ?? []);
    const comes = deliveryBars(plan, placeId, monday);
    const bars = [...mergeStages(here).map((jobs) => barOf(jobs, monday)), ...waits, ...comes];
    return { placeId, ...intoLanes(bars, labelDays) };
  });
  const reach = (bar: Bar) =>
    bar.from + bar.days + (bar.labelInside ? 0 : Math.ceil(labelDays(bar.label)));
  const last = Math.max(7, ...rows.flatMap(({ bars }) => bars.map(reach)));
  return {
    monday,
    weeks: Math.ceil(last / 7),
    todayAt: daysBetween(monday, today),
    rows: rows.filter(({ bars }) => bars.length > 0),
  };
}
