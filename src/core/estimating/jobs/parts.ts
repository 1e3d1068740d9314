import type { JobId, JobSplit } from '../../house';
import { cents, minutes, splitCents } from '../../units';
import type { Job, JobMaterial, Quantity } from '../../trade/steps/job';
import { partIdOf } from '../../trade/steps/job-id';

const wholePercent = 100;

/** `total` in whole numbers by two shares of a hundred; the two add up to it. */
const shared = (total: number, percent: number): [number, number] => {
  const [first = 0, rest = 0] = splitCents(cents(total), [percent, wholePercent - percent]);
  return [first, rest];
};

function splitQuantity(quantity: Quantity, percent: number): [Quantity, Quantity] {
  switch (quantity.kind) {
    case 'area': {
      const [first, rest] = shared(quantity.area, percent);
      return [
        { ...quantity, area: first as typeof quantity.area },
        { ...quantity, area: rest as typeof quantity.area },
      ];
    }
    case 'run': {
      const [first, rest] = shared(quantity.length, percent);
      return [
        { ...quantity, length: first as typeof quantity.length },
        { ...quantity, length: rest as typeof quantity.length },
      ];
    }
    case 'count': {
      // One thing cannot be counted in halves: it is the same thing in both parts.
      if (quantity.count < 2) return [quantity, quantity];
      const [first] = shared(quantity.count, percent);
      const within = Math.min(quantity.count - 1, Math.max(1, first));
      return [
        { kind: 'count', count: within },
        { kind: 'count', count: quantity.count - within },
      ];
    }
  }
}

function splitMaterial(
  material: JobMaterial,
  percent: number,
  restId: JobId,
): [JobMaterial[], JobMaterial[]] {
  // One order brings it: what was bought for the whole stays with the first part until its price is divided.
  const [units, restUnits] = shared(material.units, percent);
  const [price, restPrice] = splitCents(material.price, [units, restUnits]);
  const { batch } = material;
  const part = (lineId: string, of: number, costs = cents(0)): JobMaterial[] =>
    of > 0
      ? [
          {
            ...material,
            ...(batch ? { batch: { ...batch, need: (batch.need * of) / material.units } } : {}),
            lineId,
            units: of,
            price: costs,
            working: `${material.working}; ${of} of ${material.units} for this part`,
          },
        ]
      : [];
  return [
    part(material.lineId, units, price),
    part(`${restId}+${material.use.id}`, restUnits, restPrice),
  ];
}

/** The two parts of a job. Hours, quantity, things and money of both add up to the whole exactly. */
export function splitJob(job: Job, { percent }: JobSplit): [Job, Job] {
  const restId = partIdOf(job.id);
  const [estimate, restEstimate] = shared(job.estimate, percent);
  const [quantity, restQuantity] = splitQuantity(job.quantity, percent);
  const [lump, restLump] = splitCents(job.lump, [percent, wholePercent - percent]);
  const materials = job.materials.map((material) => splitMaterial(material, percent, restId));
  return [
    {
      ...job,
      title: `${job.title}, the first ${percent}%`,
      estimate: minutes(estimate),
      quantity,
      lump: lump ?? cents(0),
      materials: materials.flatMap(([first]) => first),
      part: 'first',
    },
    {
      ...job,
      id: restId,
      title: `${job.title}, the other ${wholePercent - percent}%`,
      estimate: minutes(restEstimate),
      quantity: restQuantity,
      lump: restLump ?? cents(0),
      materials: materials.flatMap(([, rest]) => rest),
      part: 'rest',
    },
  ];
}
