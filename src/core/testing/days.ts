import { idOf } from './ids';
import type { EventBodyOf } from '../journal';
import type { Plan } from '../planning/report';
import { isToOrder } from '../estimating/purchasing/order-line';
import { addDays, dateOf, minutes, type PlainDate } from '../units';

/** A day that went just as planned, but for `more` minutes on its first job: hours, trades, orders and calls. */
export function dayAsPlanned(plan: Plan, on: PlainDate, more = 0): EventBodyOf[] {
  const open = plan.jobs.filter(({ doneOn, stretches }) => doneOn === null && stretches.length > 0);
  const today = open.flatMap((job) =>
    job.stretches.filter(({ from }) => dateOf(from) === on).map((stretch) => ({ job, stretch })),
  );
  const told = new Set(today.map(({ job }) => job));
  const entries = [
    ...today.flatMap(({ job, stretch }, at) =>
      stretch.people.map((personId) => ({
        kind: 'hours' as const,
        personId,
        minutes: minutes(stretch.to - stretch.from + (at === 0 ? more : 0)),
        jobId: job.id,
        placeId: null,
      })),
    ),
    ...[...told].flatMap((job) => {
      const past = job.stretches.filter(({ from }) => dateOf(from) <= on).length;
      const isDone = dateOf(job.finish) === on;
      // Of a trade it is told how many of its days are over.
      if (!isDone && job.work.kind === 'labour') return [];
      const before = job.work.kind === 'subcontract' ? job.work.workdays - job.stretches.length : 0;
      const share = isDone
        ? 100
        : Math.round((100 * (before + past)) / (before + job.stretches.length));
      return [{ kind: 'progress' as const, jobId: job.id, share }];
    }),
  ];
  const called = open
    .filter(
      ({ work, bookedOn, start }) => work.kind !== 'labour' && !bookedOn && dateOf(start) > on,
    )
    .map((job): EventBodyOf => ({
      type: 'visitBooked',
      payload: { jobId: job.id, on: dateOf(job.start) },
    }));
  const arrival = { on, state: 'whole' as const, note: null };
  const ordered = plan.orders
    .filter((line) => isToOrder(line) && line.orderBy <= on)
    .map((line): EventBodyOf => ({
      type: 'orderPlaced',
      payload: {
        id: `o${line.lineId}`.slice(0, 64),
        lineId: line.lineId,
        shop: null,
        orderedOn: on,
        expectedOn: addDays(on, line.leadDays),
        arrival: line.leadDays <= 1 ? arrival : null,
      },
    }));
  const came = plan.orders
    .filter(
      ({ orderId, expectedOn, state }) =>
        state === 'on-the-way' && orderId !== null && (expectedOn ?? on) <= addDays(on, 1),
    )
    .map(({ orderId }): EventBodyOf => ({
      type: 'orderArrived',
      payload: { orderId: orderId ?? '', arrival },
    }));
  const day: EventBodyOf = {
    type: 'dayLogged',
    payload: { id: idOf(`as-planned-${on}`), date: on, line: 'as planned', entries },
  };
  return [...(entries.length > 0 ? [day] : []), ...called, ...ordered, ...came];
}
