import type { Order, PlanningInput, Progress } from '../../house';
import { shareIn } from '../../house/order-share';
import type { Job, JobMaterial } from '../../trade/steps';
import { addDays, dateOf, momentAt, plainDate, type Moment, type PlainDate } from '../../units';
import type { Caution } from './caution';
import type { HeldBy } from '../report';
import type { OrderLine } from '../../estimating/purchasing/order-line';

/** What a shop has within a few days is fetched on the way; longer leads keep a job back. */
export const BLOCKING_LEAD_DAYS = 5;
/** Things are wanted on site this long before their job. */
const CUSHION_DAYS = 2;
const MORNING = 8 * 60;

/** One order may serve several lines; it stands under each of them. */
export const ordersByLine = (project: PlanningInput): Map<string, Order> =>
  new Map(
    Object.values(project.orders).flatMap((order) =>
      [order.lineId, ...(order.shares ?? []).map(({ lineId }) => lineId)].map(
        (lineId): [string, Order] => [lineId, order],
      ),
    ),
  );

const PENDING = { measure: 'to-measure', choose: 'to-choose' } as const;

function stateOf(
  order: Order | undefined,
  today: PlainDate,
  pending: JobMaterial['pending'],
): OrderLine['state'] {
  if (!order) return pending ? PENDING[pending] : 'to-order';
  if (order.arrival) return order.arrival.state === 'whole' ? 'here' : order.arrival.state;
  return order.expectedOn < today ? 'late' : 'on-the-way';
}

/** When the thing can be here at the earliest, and in what words; undefined when it holds nothing up. */
function heldByMaterial(
  material: JobMaterial,
  order: Order | undefined,
  now: Moment,
  caution: Caution,
): HeldBy | undefined {
  const today = dateOf(now);
  const leadDays = Math.ceil(material.use.leadDays * caution.leads);
  const what = material.use.what;
  const ordinary = () => ({
    kind: 'to-order' as const,
    what,
    leadDays: material.use.leadDays,
    until: momentAt(addDays(today, leadDays), MORNING),
  });
  switch (stateOf(order, today, material.pending)) {
    case 'here':
    case 'fitted':
    case 'short':
      return undefined;
    case 'on-the-way':
      return {
        kind: 'on-the-way',
        what,
        until: momentAt(order?.expectedOn ?? today, MORNING),
      };
    case 'late':
      // The shop's date has passed: a week is a guess, and the line says it is late.
      return { kind: 'late', what, until: momentAt(addDays(today, 7), MORNING) };
    case 'damaged':
    case 'wrong':
      return ordinary();
    case 'to-order':
    case 'to-choose':
    case 'to-measure':
      return material.use.leadDays >= BLOCKING_LEAD_DAYS ? ordinary() : undefined;
  }
}

/** Everything on order, or still to be ordered, that keeps a job which has not begun. */
export function materialHolds(
  job: Job,
  progress: Progress,
  orders: ReadonlyMap<string, Order>,
  now: Moment,
  caution: Caution,
): HeldBy[] {
  if (progress.firstOn !== null) return [];
  return job.materials.flatMap(
    (material) => heldByMaterial(material, orders.get(material.lineId), now, caution) ?? [],
  );
}

/** The lines of Stores that come from jobs still open, with the day by which each must be ordered. */
export function orderLines(
  job: Job,
  start: Moment,
  begun: boolean,
  orders: ReadonlyMap<string, Order>,
  today: PlainDate,
): OrderLine[] {
  return job.materials.flatMap((material) => {
    const order = orders.get(material.lineId);
    // Work under way has its things already, unless an order or a line by hand says otherwise.
    if (begun && !order && !material.byHand) return [];
    // Batch from the cans of another coat, which stand on a line of their own.
    if (material.units === 0 && !order) return [];
    const neededBy = addDays(dateOf(start), -CUSHION_DAYS);
    const share = order?.shares?.find(({ lineId }) => lineId === material.lineId);
    return {
      lineId: material.lineId,
      jobId: job.id,
      placeId: job.placeId,
      what: material.use.what,
      unit: material.use.unit,
      units: material.units,
      price: material.price,
      leadDays: material.use.leadDays,
      neededBy: latest(neededBy, today),
      orderBy: addDays(neededBy, -material.use.leadDays),
      state: stateOf(order, today, material.pending),
      working: material.working,
      shop: order?.shop ?? material.shop,
      ...(material.batch ? { batch: material.batch } : {}),
      orderedUnits: share ? shareIn(share, material.use.unit) : null,
      orderId: order?.id ?? null,
      expectedOn: order?.expectedOn ?? null,
    };
  });
}

const latest = (a: PlainDate, b: PlainDate): PlainDate => plainDate(a > b ? a : b);
