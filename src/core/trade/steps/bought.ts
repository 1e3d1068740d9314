import { settleMaterial } from '../../finishes';
import type { HouseToPlan, JobId, Place } from '../../house';
import { cents } from '../../units';
import { amountOf } from './amount';
import type { JobMaterial, Quantity } from './job';
import type { MaterialUse, Step } from './step';

/** By the step's own rate: quantity plus waste, over what one unit serves, rounded up to whole units. */
function byRate(use: MaterialUse, quantity: Quantity): { units: number; working: string } {
  if (use.byJob) return { units: 1, working: `one ${use.unit} for the job; a starting guess` };
  const amount = amountOf(quantity);
  const exact = (amount * (1 + use.wastePercent / 100)) / use.per;
  const units = Math.max(1, Math.ceil(exact - 1e-9));
  const measured = `${Math.round(amount * 10) / 10}${{ area: ' sq ft', run: ' ft', count: '' }[quantity.kind]}`;
  const waste = use.wastePercent > 0 ? ` + ${use.wastePercent}%` : '';
  return { units, working: `${measured}${waste} / ${use.per} a ${use.unit}, up; a starting guess` };
}

/** Materials of a job: from the finish chosen for the place where there is one, else by the step's rate. */
export function materialsFor(
  step: Step,
  jobId: JobId,
  quantity: Quantity,
  place: Place | undefined,
  project: HouseToPlan,
): JobMaterial[] {
  return step.materials.map((use) => {
    const lineId = `${jobId}+${use.id}`;
    const count = quantity.kind === 'count' ? quantity.count : 1;
    const { finished, pending } = settleMaterial(
      project,
      place,
      `${step.id}+${use.id}`,
      use,
      count,
    );
    if (!finished) {
      const { units, working } = byRate(use, quantity);
      return { lineId, use, units, price: cents(units * use.price), working, shop: null, pending };
    }
    const { what, unit, leadDays, units, price, working, shop } = finished;
    const bought = { ...use, what, unit, leadDays };
    return { lineId, use: bought, units, price, working, shop, pending };
  });
}

/** Lines written by hand for this job. */
export const ownLinesOf = (jobId: JobId, project: HouseToPlan): JobMaterial[] =>
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
