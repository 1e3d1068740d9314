import { NOT_PLANNED, type HouseToPlan, type PlanningInput, type Project } from '../house';
import { applyEvents, type EventBodyOf } from '../journal';
import { loggedIn } from './logged';

function withoutRest<T extends Project>(house: T): Omit<T, keyof typeof NOT_PLANNED> {
  const rest = { ...house };
  for (const field of Object.keys(NOT_PLANNED)) delete rest[field as keyof T];
  return rest;
}

/** What a house's plan depends on. Fields that did not change are the same objects from one state to the next. */
export const planningInputOf = (project: Project): PlanningInput => ({
  ...withoutRest(project),
  logged: loggedIn(project),
});

/** The house as it would be after some changes; it stays what it was, whole or as the planner gets it. */
export function withChanges(house: HouseToPlan, changes: readonly EventBodyOf[]): HouseToPlan {
  if (!('logged' in house)) return applyEvents(house, changes) ?? house;
  const { logged, ...rest } = house;
  const after = applyEvents({ ...NOT_PLANNED, ...rest }, changes);
  return after ? { ...withoutRest(after), logged: loggedIn(after, logged) } : house;
}
