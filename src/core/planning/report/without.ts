import { moment, daysBetween, dateOf, type PlainDate } from '../../units';
import { stateOf, type HouseFacts, type JobId, type PlaceId, type PlaceKind } from '../../house';
import type { Plan, PlannedJob } from './plan';

/** What a household that stays cannot be without for long. */
const WITHOUT = [
  {
    id: 'toilet',
    title: 'toilet',
    kind: 'bathroom',
    back: ['fit.toilet'],
    meanwhile: ['temp.toilet'],
    limit: 0,
  },
  {
    id: 'bath',
    title: 'bath or shower',
    kind: 'bathroom',
    back: ['fit.bath'],
    meanwhile: ['temp.wash'],
    limit: 10,
  },
  {
    id: 'kitchen',
    title: 'kitchen',
    kind: 'kitchen',
    back: ['fit.sink', 'fit.appliances'],
    meanwhile: ['temp.kitchen', 'temp.tops'],
    limit: 40,
  },
] as const satisfies readonly {
  id: string;
  title: string;
  kind: PlaceKind;
  back: readonly string[];
  meanwhile: readonly string[];
  /** Days, as a starting guess. */
  limit: number;
}[];
type WithoutId = (typeof WITHOUT)[number]['id'];

export type DaysWithout = {
  of: WithoutId;
  title: string;
  placeId: PlaceId;
  /** The day it is torn out, and the day it works again. */
  from: PlainDate;
  to: PlainDate;
  days: number;
  /** What the household said it can do without, or the starting guess. */
  limit: number;
  told: boolean;
  over: boolean;
  /** Jobs of the plan that help in between. */
  meanwhile: readonly JobId[];
};

const TEARS_OUT = 'demo.fixtures';

/**
 * The days a lived-in household is without its only toilet, bath or kitchen. Where there is another of the kind in use
 * there are none; what is torn out and never fitted again in this plan is not counted, because its end is not known.
 */
export function daysWithout(
  plan: Pick<Plan, 'jobs'>,
  house: Pick<HouseFacts, 'house' | 'places' | 'placeOrder' | 'placeStates' | 'daysWithout'>,
): DaysWithout[] {
  if (house.house.occupancy !== 'lived-in') return [];
  return WITHOUT.flatMap(({ id, title, kind, back, meanwhile, limit: usual }) => {
    const alike = house.placeOrder.filter((placeId) => {
      const place = house.places[placeId];
      return place?.kind === kind && stateOf(house, place) === 'finished';
    });
    const [placeId] = alike;
    if (placeId === undefined || alike.length > 1) return [];
    const here = plan.jobs.filter((job) => job.placeId === placeId);
    const stepIn = (steps: readonly string[]) =>
      here.filter(({ stepId }) => stepId !== null && steps.includes(stepId));
    const [out] = stepIn([TEARS_OUT]);
    const ends = stepIn(back).map(({ finish }: PlannedJob) => finish);
    if (!out || ends.length === 0) return [];
    const [from, to] = [dateOf(out.start), dateOf(moment(Math.max(...ends)))];
    const days = Math.max(0, daysBetween(from, to));
    const told = house.daysWithout[id];
    const limit = told ?? usual;
    // A stand-in is what makes days without bearable; it does not make them fewer.
    const helps = stepIn(meanwhile).map((job) => job.id);
    const over = days > limit && !(id === 'toilet' && helps.length > 0);
    return [
      {
        of: id,
        title,
        placeId,
        from,
        to,
        days,
        limit,
        told: told !== undefined,
        over,
        meanwhile: helps,
      },
    ];
  });
}
