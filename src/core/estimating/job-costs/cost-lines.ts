import {
  hireOf,
  type PlanningInput,
  type JobId,
  type Order,
  type PaidFor,
  progressOf,
  type Progress,
} from '../../house';
import type { Job, JobMaterial } from '../../trade/steps';
import { cents, splitCents, type Cents } from '../../units';
import type { CostLine, Cover } from './cost-line';
import { matchPurchases } from './match';
import type { OpenLine } from './open-line';

export type Costs = { lines: CostLine[]; covers: Cover[] };

/** Paid so much of what was planned, the thing is taken to be bought; less is a part of it. */
const BOUGHT_FROM_PERCENT = 80;

type Ground = {
  project: PlanningInput;
  jobs: readonly Job[];
  progress: ReadonlyMap<JobId, Progress>;
  orders: ReadonlyMap<string, Order>;
  purchases: readonly PaidFor[];
};

/** What of an order's sum is for one of its lines, by what each was to cost. */
function orderedCents(
  order: Order,
  material: JobMaterial,
  prices: ReadonlyMap<string, Cents>,
): Cents {
  if (order.cents === undefined) return material.price;
  const ids = order.shares?.length ? order.shares.map(({ lineId }) => lineId) : [order.lineId];
  const parts = splitCents(
    order.cents,
    ids.map((id) => prices.get(id) ?? 0),
  );
  return parts[ids.indexOf(material.lineId)] ?? cents(0);
}

const cameWrong = ({ arrival }: Order): boolean =>
  arrival?.state === 'damaged' || arrival?.state === 'wrong';

function linesOfJob(ground: Ground, job: Job, prices: ReadonlyMap<string, Cents>): OpenLine[] {
  const { firstOn, doneOn } = progressOf(ground.progress, job.id);
  const of = { jobId: job.id, placeId: job.placeId };
  const materials = job.materials.map((material): OpenLine => {
    const order = ground.orders.get(material.lineId);
    const isOrdered = order !== undefined && !cameWrong(order);
    return {
      ...of,
      id: material.lineId,
      kind: 'materials',
      what: material.use.what,
      planned: isOrdered ? orderedCents(order, material, prices) : material.price,
      isCommitted: isOrdered,
      isHad: !isOrdered && (doneOn !== null || (firstOn !== null && !material.byHand && !order)),
    };
  });
  const rest: OpenLine[] =
    job.lump > 0
      ? [
          {
            ...of,
            id: `${job.id}+rest`,
            kind: 'materials',
            what: job.title,
            planned: job.lump,
            isCommitted: false,
            isHad: firstOn !== null,
          },
        ]
      : [];
  return [...materials, ...rest, ...tradeLine(ground, job)];
}

function tradeLine({ project, progress }: Ground, job: Job): OpenLine[] {
  if (job.work.kind !== 'subcontract') return [];
  const isAgreed = hireOf(project, job.id)?.agreedOn !== undefined;
  return [
    {
      id: `${job.id}+trade`,
      jobId: job.id,
      placeId: job.placeId,
      kind: 'trades',
      what: `${job.work.trade}: ${job.title}`,
      planned: job.work.price,
      isCommitted: isAgreed,
      isHad: !isAgreed && progressOf(progress, job.id).doneOn !== null,
    },
  ];
}

/** What is agreed beside the jobs: change orders' own money, and quotes for nothing of the plan. */
function linesOfHouse({ project }: Ground): OpenLine[] {
  const of = { jobId: null, isHad: false };
  return [
    ...Object.values(project.changes)
      .filter((change) => change.cents > 0)
      .map((change): OpenLine => ({
        ...of,
        id: `change/${change.id}`,
        placeId: change.placeId,
        kind: 'materials',
        what: change.title,
        planned: change.cents,
        isCommitted: false,
      })),
    ...Object.values(project.accepted)
      .filter(({ shares }) => shares.length === 0)
      .map((accepted): OpenLine => ({
        ...of,
        id: `quote/${accepted.quoteId}`,
        placeId: null,
        kind: 'trades',
        what: accepted.from,
        planned: accepted.cents,
        isCommitted: true,
      })),
  ];
}

/** Agreements of the log that belong to no line: each is one, and what is paid in the same shop afterwards is for it. */
function linesAgreed(purchases: readonly PaidFor[], covered: ReadonlySet<string>): OpenLine[] {
  return purchases
    .filter(({ id, isAgreed, cents: sum }) => isAgreed && sum > 0 && !covered.has(id))
    .map((agreed) => ({
      id: `agreed/${agreed.id}`,
      jobId: null,
      placeId: agreed.placeIds[0] ?? null,
      kind: agreed.kind === 'trades' ? 'trades' : 'materials',
      what: agreed.shop ?? agreed.what,
      planned: agreed.cents,
      isCommitted: true,
      isHad: false,
      agreedOn: agreed.on,
    }));
}

type Towards = { paid: number; isWhole: boolean };

/** What was paid towards each line; a payment for several is shared out by what each was to cost. */
function paidTowards(
  lines: ReadonlyMap<string, OpenLine>,
  covers: readonly Cover[],
  purchases: ReadonlyMap<string, PaidFor>,
): Map<string, Towards> {
  const towards = new Map<string, Towards>();
  for (const { purchaseId, is, lineIds } of covers) {
    const purchase = purchases.get(purchaseId);
    const known = lineIds.flatMap((id) => lines.get(id) ?? []);
    if (!purchase || purchase.isAgreed || is === 'unclear' || known.length === 0) continue;
    const parts = splitCents(
      purchase.cents,
      known.map((line) => line.planned),
    );
    known.forEach((line, at) => {
      const before = towards.get(line.id) ?? { paid: 0, isWhole: false };
      towards.set(line.id, {
        paid: before.paid + (parts[at] ?? 0),
        isWhole: before.isWhole || purchase.isWhole === true,
      });
    });
  }
  return towards;
}

/** An agreement that is for lines of the plan makes its sum theirs. */
function withAgreements(
  lines: readonly OpenLine[],
  covers: readonly Cover[],
  purchases: ReadonlyMap<string, PaidFor>,
): OpenLine[] {
  const agreed = new Map<string, Cents>();
  for (const { purchaseId, is, lineIds } of covers) {
    const purchase = purchases.get(purchaseId);
    if (!purchase?.isAgreed || is === 'unclear') continue;
    const known = lines.filter(({ id }) => lineIds.includes(id));
    const parts = splitCents(
      purchase.cents,
      known.map((line) => line.planned),
    );
    known.forEach((line, at) => agreed.set(line.id, parts[at] ?? cents(0)));
  }
  return lines.map((line) => {
    const sum = agreed.get(line.id);
    return sum === undefined ? line : { ...line, planned: sum, isCommitted: true, isHad: false };
  });
}

/**
 * What is still to be paid. What is ordered or agreed has its sum; a guess that was paid for by and large is bought.
 * What all came back is to be bought again.
 */
function openOf({ planned, isCommitted, isHad }: OpenLine, { paid, isWhole }: Towards): Cents {
  const isBought = !isCommitted && paid * 100 >= planned * BOUGHT_FROM_PERCENT;
  if (isHad || (paid > 0 && (isWhole || isBought))) return cents(0);
  return cents(Math.max(0, planned - Math.max(0, paid)));
}

/** Everything the plan has to pay for, and what each purchase is for. */
export function costsOf(ground: Ground): Costs {
  const prices = new Map(
    ground.jobs.flatMap(({ materials }) => materials.map(({ lineId, price }) => [lineId, price])),
  );
  const planned = [
    ...ground.jobs.flatMap((job) => linesOfJob(ground, job, prices)),
    ...linesOfHouse(ground),
  ];
  const purchases = new Map(ground.purchases.map((purchase) => [purchase.id, purchase]));
  const first = matchPurchases(ground.purchases, planned);
  const settled = new Set(
    first
      .filter(({ lineIds, is }) => lineIds.length > 0 && is !== 'unclear')
      .map((each) => each.purchaseId),
  );
  const agreed = linesAgreed(ground.purchases, settled);
  const covers =
    agreed.length > 0 ? matchPurchases(ground.purchases, [...planned, ...agreed]) : first;
  const lines = withAgreements([...planned, ...agreed], covers, purchases);
  const byId = new Map(lines.map((line) => [line.id, line]));
  const towards = paidTowards(byId, covers, purchases);
  return {
    covers,
    lines: lines.map((line) => {
      const paid = towards.get(line.id) ?? { paid: 0, isWhole: false };
      const { isHad: _had, agreedOn: _on, ...rest } = line;
      return { ...rest, paid: cents(paid.paid), open: openOf(line, paid) };
    }),
  };
}
