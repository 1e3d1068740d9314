import type { PlanningInput } from '../../house';

/** The house as it is wanted, before anything of it was done, ordered, booked or paid. */
export const unlogged = (house: PlanningInput): PlanningInput => ({
  ...house,
  logged: {},
  worked: {},
  purchases: {},
  orders: {},
  bookings: {},
  inspections: [],
});
