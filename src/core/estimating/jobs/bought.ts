import { inCans, batchOf, settleMaterial, type Batch } from '../finishes';
import type { PlanningInput, JobId, Place } from '../../house';
import { cents, type UnitSystem } from '../../units';
import { amountOf } from './amount';
import type { JobMaterial, Quantity } from '../../trade/steps/job';
import type { MaterialUse, Step } from '../../trade/steps/step';

const SQM_PER_SQFT = 0.092_903_04;
const METRES_PER_FOOT = 0.3048;
const MEASURES = {
  imperial: { area: [1, ' sq ft'], run: [1, ' ft'], count: [1, ''] },
  metric: { area: [SQM_PER_SQFT, ' m²'], run: [METRES_PER_FOOT, ' m'], count: [1, ''] },
} as const;

/** A material as shops of the house's units sell it; what serves more or less costs that much more or less. */
function soldIn(units: UnitSystem, use: MaterialUse, { kind }: Quantity): MaterialUse {
  if (units === 'imperial' || !use.metric) return use;
  const { unit, per } = use.metric;
  const [each] = MEASURES.metric[kind];
  return { ...use, unit, per, price: cents(Math.round((use.price * per) / (use.per * each))) };
}

/** By the step's own rate: quantity plus waste, over what one unit serves. */
function byRate(use: MaterialUse, quantity: Quantity, units: UnitSystem) {
  if (use.byJob) return { exact: 1, working: `one ${use.unit} for the job; a starting guess` };
  const [each, word] = MEASURES[units][quantity.kind];
  const amount = amountOf(quantity) * each;
  const measured = `${Math.round(amount * 10) / 10}${word}`;
  const waste = use.wastePercent > 0 ? ` + ${use.wastePercent}%` : '';
  return {
    exact: (amount * (1 + use.wastePercent / 100)) / use.per,
    working: `${measured}${waste} / ${use.per} a ${use.unit}, up; a starting guess`,
  };
}

/** Materials of a job: from the finish chosen for the place where there is one, else by the step's rate. */
export function materialsFor(
  step: Step,
  jobId: JobId,
  quantity: Quantity,
  place: Place | undefined,
  project: PlanningInput,
): JobMaterial[] {
  return step.materials.map((sold) => {
    const lineId = `${jobId}+${sold.id}`;
    const count = quantity.kind === 'count' ? quantity.count : 1;
    const use = soldIn(project.units, sold, quantity);
    const { finished, pending, toChoose } = settleMaterial(
      project,
      place,
      `${step.id}+${use.id}`,
      use,
      count,
    );
    if (!finished) {
      const { exact, working } = byRate(use, quantity, project.units);
      const batch = batchOf(exact, use, toChoose ?? use.what);
      const units = Math.max(1, Math.ceil(exact - 1e-9));
      const bought = { lineId, use, units, price: cents(units * use.price), working };
      return fromCans({ ...bought, shop: null, pending }, batch);
    }
    const { what, unit, leadDays, units, price, working, shop, batch } = finished;
    const bought = { ...use, what, unit, leadDays };
    return fromCans({ lineId, use: bought, units, price, working, shop, pending }, batch);
  });
}

/** Paint is counted in the smallest can until it is known what else is poured from the same ones. */
function fromCans(material: JobMaterial, batch: Batch | undefined): JobMaterial {
  if (!batch) return material;
  const { unit, units, price } = inCans(batch);
  return { ...material, batch, units, price, use: { ...material.use, unit } };
}

/** Lines written by hand for this job. */
export const ownLinesOf = (jobId: JobId, project: PlanningInput): JobMaterial[] =>
  Object.values(project.ownLines)
    .filter((line) => line.jobId === jobId)
    .map(({ id, what, unit, units, price, leadDays }) => ({
      lineId: `${jobId}+own-${id}`,
      use: { id: `own-${id}`, what, unit, per: 1, wastePercent: 0, price: cents(price), leadDays },
      units,
      price: cents(price * units),
      working: 'written down by hand',
      byHand: true,
      shop: null,
      pending: null,
    }));
