import type { PlaceId } from '@/core/house';
import type { Plan, PlannedJob } from '@/core/plan';
import { dateOf, daysBetween, lastDayOf, mondayOf, type PlainDate } from '@/core/units';
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
};

export type BoardRow = { placeId: PlaceId | null; bars: Bar[]; lanes: number };
export type BoardModel = { monday: PlainDate; weeks: number; todayAt: number; rows: BoardRow[] };

const MERGE_GAP_DAYS = 3;
const SHORTEST_DAYS = 1;

type Loose = Omit<Bar, 'lane' | 'labelInside'>;

function barOf(jobs: readonly PlannedJob[], monday: PlainDate): Loose {
  const [first] = jobs;
  const last = jobs.at(-1);
  const begin = Math.max(0, daysBetween(monday, dateOf(first?.start ?? (0 as never))));
  const end = daysBetween(monday, lastDayOf(last?.finish ?? (0 as never))) + 1;
  const open = jobs.find(({ doneOn }) => doneOn === null) ?? first;
  return {
    key: first?.id ?? '',
    label: jobs.length === 1 ? (first?.title ?? '') : `${first?.title ?? ''} + ${jobs.length - 1}`,
    state: open?.state ?? 'later',
    share: (open?.share ?? 50) / 100,
    from: begin,
    days: Math.max(SHORTEST_DAYS, end - begin),
    jobs,
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
  };
}

/** Jobs of one stage in a row are one bar, while no more than a few days lie between them. */
function mergeStages(jobs: readonly PlannedJob[]): PlannedJob[][] {
  const sorted = jobs.toSorted((a, b) => a.stage - b.stage || a.start - b.start);
  return sorted.reduce<PlannedJob[][]>((groups, job) => {
    const group = groups.at(-1);
    const last = group?.at(-1);
    const near =
      last !== undefined &&
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
      const labelInside = bar.state !== 'in-hand' && labelDays(bar.label) <= bar.days;
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
    const bars = [...mergeStages(here).map((jobs) => barOf(jobs, monday)), ...waits];
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
