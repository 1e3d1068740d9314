import { inCans, wholeCans } from '../finishes';
import type { PlanningInput } from '../../house';
import { shareIn } from '../../house/order-share';
import { cents, splitCents } from '../../units';
import type { Job, JobMaterial } from '../../trade/steps/job';

type BatchLine = JobMaterial & Required<Pick<JobMaterial, 'batch'>>;
const isBatch = (material: JobMaterial): material is BatchLine => material.batch !== undefined;

/** What was ordered for each line, in the line's own unit, by orders that say how much. */
function orderedIn({ orders }: PlanningInput): (line: JobMaterial) => number | undefined {
  const shares = new Map(
    Object.values(orders).flatMap(({ shares: each = [] }) =>
      each.map((share) => [share.lineId, share] as const),
    ),
  );
  return ({ lineId, use }) => {
    const share = shares.get(lineId);
    return share && shareIn(share, use.unit);
  };
}

/** Lines of one colour with their cans: each takes what the lines before it leave over. */
function dealt(lines: readonly BatchLine[], orderedOf: (line: JobMaterial) => number | undefined) {
  const [first] = lines;
  if (!first) return [];
  const ordered = lines.filter((line) => orderedOf(line) !== undefined);
  const unordered = lines.filter((line) => orderedOf(line) === undefined);
  let need = 0;
  let bought = 0;
  const counted = [...ordered, ...unordered].map((line) => {
    need += line.batch.need;
    const units = Math.max(0, wholeCans(need) - bought);
    bought += orderedOf(line) ?? units;
    return { line, units };
  });
  const toBuy = counted.slice(ordered.length);
  const total = toBuy.reduce((sum, { units }) => sum + units, 0);
  const set = inCans({ ...first.batch, need: total });
  const open = need - ordered.reduce((sum, line) => sum + (orderedOf(line) ?? 0), 0);
  const { amount, rest } = inCans({ ...first.batch, need: Math.max(0, open) });
  const prices = splitCents(
    set.price,
    toBuy.map(({ units }) => inCans({ ...first.batch, need: units }).price),
  );
  const joint = lines.length > 1 ? ', all of its colour together' : '';
  return counted.map(({ line, units }, at): BatchLine => ({
    ...line,
    units,
    price: at < ordered.length ? line.price : (prices[at - ordered.length] ?? cents(0)),
    working: [
      line.working,
      `in cans${joint}: ${total > 0 ? amount : 'all ordered'}${rest ? `, ${rest}` : ''}`,
      ...(units === 0 ? ['poured from the cans of another coat'] : []),
    ].join('; '),
  }));
}

/**
 * Paint of one colour is bought for all its rooms and coats at once, in the cheapest set of cans. A line has the cans
 * that must be bought for it when those before it are there, so that all lines together come to exactly that set.
 */
export function batched(jobs: readonly Job[], project: PlanningInput): Job[] {
  const byColour = new Map<string, BatchLine[]>();
  for (const { id, materials } of jobs) {
    if (Object.hasOwn(project.droppedJobs, id)) continue;
    for (const line of materials.filter(isBatch)) {
      const { colour } = line.batch;
      byColour.set(colour, [...(byColour.get(colour) ?? []), line]);
    }
  }
  if (byColour.size === 0) return [...jobs];
  const orderedOf = orderedIn(project);
  const shared = new Map(
    [...byColour.values()]
      .flatMap((lines) => dealt(lines, orderedOf))
      .map((line) => [line.lineId, line] as const),
  );
  return jobs.map((job) =>
    job.materials.some(isBatch)
      ? { ...job, materials: job.materials.map((line) => shared.get(line.lineId) ?? line) }
      : job,
  );
}
