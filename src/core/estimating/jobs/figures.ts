import type { JobFigures } from '../../house';
import { addCents, cents, splitCents, type Area, type Ticks } from '../../units';
import { estimateEffort } from './amount';
import type { Job, JobMaterial, Quantity, StartingFigures } from '../../trade/steps/job';

/** What a job's quantity is in its own measure: ticks², ticks or pieces. */
export function measureOf(quantity: Quantity): number {
  switch (quantity.kind) {
    case 'area':
      return quantity.area;
    case 'run':
      return quantity.length;
    case 'count':
      return quantity.count;
  }
}

function withMeasure(quantity: Quantity, measure: number): Quantity {
  switch (quantity.kind) {
    case 'area':
      return { ...quantity, area: Math.round(measure) as Area };
    case 'run':
      return { ...quantity, length: Math.round(measure) as Ticks };
    case 'count':
      return { ...quantity, count: Math.max(1, Math.round(measure)) };
  }
}

/** More or less of a thing in proportion, in whole units, unless it is bought by the job. */
function scaled(material: JobMaterial, ratio: number): JobMaterial {
  if (material.use.byJob || ratio === 1) return material;
  const units = Math.max(1, Math.ceil(material.units * ratio - 1e-9));
  const { batch } = material;
  return {
    ...material,
    ...(batch ? { batch: { ...batch, need: batch.need * ratio } } : {}),
    units,
    price: cents(Math.round((material.price * units) / material.units)),
    working: `${material.working}; for your quantity ${units} instead of ${material.units}`,
  };
}

/** What a job costs as planned, apart from hours of one's own. */
export const plannedCost = ({ work, materials, lump }: Job) =>
  addCents([
    ...(work.kind === 'subcontract' ? [work.price] : []),
    ...materials.map(({ price }) => price),
    lump,
  ]);

/** The owner's price over what a job costs: shared out over its things, or beside them where there are none. */
function priced(job: Job, total: NonNullable<JobFigures['cents']>): Job {
  if (job.work.kind === 'subcontract') return { ...job, work: { ...job.work, price: total } };
  if (job.materials.length === 0) return { ...job, lump: total };
  const parts = splitCents(
    total,
    job.materials.map(({ price }) => price),
  );
  return {
    ...job,
    lump: cents(0),
    // What has a price of its own is bought by itself.
    materials: job.materials.map(({ batch: _, ...material }, at) => ({
      ...material,
      price: parts[at] ?? cents(0),
      working: `${material.working}; your price`,
    })),
  };
}

/** What the job had before the owner spoke. */
const startingOf = (job: Job): StartingFigures => ({
  minutes: job.estimate,
  quantity: job.quantity,
  waitHours: job.wait?.hours ?? 0,
  hands: job.work.kind === 'labour' ? job.work.hands : null,
  workdays: job.work.kind === 'subcontract' ? job.work.workdays : null,
  cents: plannedCost(job),
});

function withQuantity(job: Job, measure: number): Job {
  const quantity = withMeasure(job.quantity, measure);
  const ratio = measureOf(quantity) / Math.max(1, measureOf(job.quantity));
  return {
    ...job,
    quantity,
    estimate: estimateEffort(job.work, quantity),
    materials: job.materials.map((material) => scaled(material, ratio)),
  };
}

function withWait(job: Job, hours: number): Job {
  const { wait, ...rest } = job;
  return hours === 0 ? rest : { ...rest, wait: { what: 'sets', ...wait, hours } };
}

function withWork(job: Job, { hands, workdays }: JobFigures): Job {
  const { work } = job;
  if (work.kind === 'labour' && hands) return { ...job, work: { ...work, hands } };
  if (work.kind === 'subcontract' && workdays) return { ...job, work: { ...work, workdays } };
  return job;
}

/** A job as the owner has it. Without figures of theirs it is the very same. */
export function withFigures(job: Job, figures: JobFigures | undefined): Job {
  if (!figures) return job;
  const { quantity, minutes, waitHours, cents: price, by, note } = figures;
  const measured = quantity === undefined ? job : withQuantity(job, quantity);
  const timed =
    minutes === undefined || measured.work.kind !== 'labour'
      ? measured
      : { ...measured, estimate: minutes };
  const waiting = waitHours === undefined ? timed : withWait(timed, waitHours);
  const worked = withWork(waiting, figures);
  const costing = price === undefined ? worked : priced(worked, price);
  return {
    ...costing,
    starting: startingOf(job),
    ...(by ? { by } : {}),
    ...(note ? { note } : {}),
  };
}
