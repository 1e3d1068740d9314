import type { HouseToPlan, PlanningInput } from '../../house';
import { asPlanningInput } from './input';

/** The house as it is wanted, before anything of it was done, ordered, booked or paid. */
export const unlogged = (house: HouseToPlan): PlanningInput => ({
  ...asPlanningInput(house),
  logged: {},
  worked: {},
  purchases: {},
  orders: {},
  bookings: {},
  inspections: [],
});
