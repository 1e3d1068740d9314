import { NOT_PLANNED, type PlanningInput } from '../../house';
import { loggedIn, workedIn } from '../../house/logged';
import { diaryBrings, withoutRest } from '../../house/planning-input';
import { paidFor } from '../../house/purchases';
import { applyEvents, type EventBodyOf } from '../../journal';

/** The house as it would be after some changes. */
export function withChanges(house: PlanningInput, changes: readonly EventBodyOf[]): PlanningInput {
  const { logged, worked, purchases, ...rest } = house;
  const after = applyEvents({ ...NOT_PLANNED, ...rest }, changes);
  return after
    ? {
        ...withoutRest(after),
        ...diaryBrings(after),
        logged: loggedIn(after, logged),
        worked: workedIn(after, worked),
        purchases: { ...purchases, ...paidFor(after) },
      }
    : house;
}
