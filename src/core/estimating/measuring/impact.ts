import type { JobId, PlaceId, PlanningInput } from '../../house';
import type { Job, JobMaterial } from '../../trade/steps';
import { expandJobs } from '../jobs';
import { cents, minutes, type Cents, type Minutes } from '../../units';

type HoursChange = { jobId: JobId; title: string; before: Minutes; after: Minutes };
type LineChange = {
  lineId: string;
  placeId: PlaceId | null;
  what: string;
  unit: string;
  before: number;
  after: number;
  /** An order for it is out: it is flagged, never altered. */
  ordered: boolean;
};

/** What another size comes to. */
export type Impact = {
  hours: HoursChange[];
  lines: LineChange[];
  /** Own minutes more or less, all jobs together. */
  minutes: number;
  /** Money for what is not ordered yet, more or less. */
  cents: Cents;
};

const linesOf = (jobs: readonly Job[]): Map<string, { material: JobMaterial; job: Job }> =>
  new Map(
    jobs.flatMap((job) => job.materials.map((material) => [material.lineId, { material, job }])),
  );

function lineChanges(before: readonly Job[], after: readonly Job[], ordered: ReadonlySet<string>) {
  const [old, now] = [linesOf(before), linesOf(after)];
  const changes: (LineChange & { money: number })[] = [];
  for (const lineId of new Set([...old.keys(), ...now.keys()])) {
    const [was, is] = [old.get(lineId), now.get(lineId)];
    const [from, to] = [was?.material.units ?? 0, is?.material.units ?? 0];
    const { material, job } = is ?? was ?? {};
    const money = (is?.material.price ?? 0) - (was?.material.price ?? 0);
    if (!material || !job || (from === to && money === 0)) continue;
    changes.push({
      lineId,
      placeId: job.placeId,
      what: material.use.what,
      unit: material.use.unit,
      before: from,
      after: to,
      ordered: ordered.has(lineId),
      money,
    });
  }
  return changes;
}

/** Compares two states of a house job by job and line by line: what a changed size, or another finish, does. */
export function impactOf(before: PlanningInput, after: PlanningInput): Impact {
  const [old, now] = [expandJobs(before), expandJobs(after)];
  const ordered = new Set(
    Object.values(before.orders).flatMap((order) => [
      order.lineId,
      ...(order.shares ?? []).map(({ lineId }) => lineId),
    ]),
  );
  const estimates = new Map(old.map((job) => [job.id, job.estimate]));
  const hours = now.flatMap(({ id, title, estimate }) => {
    const was = estimates.get(id) ?? minutes(0);
    return was === estimate ? [] : [{ jobId: id, title, before: was, after: estimate }];
  });
  const lines = lineChanges(old, now, ordered);
  return {
    hours,
    lines: lines.map(({ money: _money, ...line }) => line),
    minutes: hours.reduce((sum, change) => sum + change.after - change.before, 0),
    cents: cents(lines.reduce((sum, { ordered: out, money }) => sum + (out ? 0 : money), 0)),
  };
}

/** Whether nothing of hours or materials moves. */
export const isNoChange = ({ hours, lines }: Impact): boolean =>
  hours.length === 0 && lines.length === 0;
