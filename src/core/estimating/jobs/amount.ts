import { AREA_PER_SQFT, TICKS_PER_FOOT, minutes, type Minutes } from '../../units';
import type { Quantity } from '../../trade/steps/job';
import type { StepWork } from '../../trade/steps/step';

const FIVE_MINUTES = 5;

/** The quantity in the units a rate is given in: sq ft, ft or pieces. */
export function amountOf(quantity: Quantity): number {
  switch (quantity.kind) {
    case 'area':
      return quantity.area / AREA_PER_SQFT;
    case 'run':
      return quantity.length / TICKS_PER_FOOT;
    case 'count':
      return quantity.count;
  }
}

/** Setting-up plus rate × quantity, rounded up to five minutes; nought for work that is not one's own. */
export function estimateEffort(work: StepWork, quantity: Quantity): Minutes {
  if (work.kind !== 'labour') return minutes(0);
  const exact = work.setup + (amountOf(quantity) * work.minutes) / work.per;
  return minutes(Math.ceil(exact / FIVE_MINUTES - 1e-9) * FIVE_MINUTES);
}
