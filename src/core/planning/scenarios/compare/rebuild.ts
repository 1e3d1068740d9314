import { floorArea, isOutside, placesInOrder, type HouseToPlan } from '../../../house';
import {
  AREA_PER_SQFT,
  fromSquareFeet,
  addDays,
  cents,
  daysBetween,
  minutes,
  type PlainDate,
} from '../../../units';
import type { Weighed } from './option';

/** Starting guesses for a house taken down and built new by a builder, made up, to be argued with. */
const BUILD_CENTS_A_SQFT = 21_000;
const CLEAR_CENTS_A_SQFT = 1_400;
const PERMIT_DAYS = 75;
const CLEAR_DAYS = 14;
const BUILD_DAYS_A_SQFT = 0.14;
const OWN_HOURS = 60;
const INSPECTIONS = 9;
const NEW_CONTINGENCY_PERCENT = 5;
const YEARS_NEW = 60;

/** Square feet of all floors inside. */
const insideArea = (project: HouseToPlan): number =>
  placesInOrder(project)
    .filter(({ kind }) => !isOutside(kind))
    .reduce((sum, place) => sum + floorArea(place) / AREA_PER_SQFT, 0);

/** What the price of building new is made of. */
export const rebuildBasis = (project: HouseToPlan) => ({
  area: fromSquareFeet(insideArea(project)),
  buildCents: cents(BUILD_CENTS_A_SQFT),
  clearCents: cents(CLEAR_CENTS_A_SQFT),
});

/**
 * Tearing down and building new, in the same figures as renovating on: area × rate, permit, clearing and
 * building days in a row. Nothing paid so far comes back.
 */
export function weighRebuild(project: HouseToPlan, today: PlainDate, against: Weighed): Weighed {
  const squareFeet = insideArea(project);
  const build = cents(squareFeet * BUILD_CENTS_A_SQFT);
  const clear = cents(squareFeet * CLEAR_CENTS_A_SQFT);
  const centsToEnd = cents(build + clear);
  const contingency = cents((centsToEnd * NEW_CONTINGENCY_PERCENT) / 100);
  const days = Math.round(PERMIT_DAYS + CLEAR_DAYS + squareFeet * BUILD_DAYS_A_SQFT);
  const date = addDays(today, days);
  const gate = (other: PlainDate | null) => ({
    date,
    daysLater: other === null ? 0 : days - daysBetween(today, other),
  });
  return {
    id: 'rebuild',
    title: 'Tear down and build new',
    centsNow: clear,
    centsToEnd,
    contingency,
    centsTotal: cents(centsToEnd + contingency),
    daysLate: 0,
    gates: {
      sleep: gate(against.gates.sleep.date),
      live: gate(against.gates.live.date),
      done: gate(against.gates.done.date),
    },
    ownMinutes: minutes(OWN_HOURS * 60),
    permits: 2,
    inspections: INSPECTIONS,
    suspicions: 0,
    riskMinutes: minutes(0),
    yearsGained: YEARS_NEW,
    givesUp: 'The old house, and everything paid on it so far.',
  };
}
