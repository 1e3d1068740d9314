import { floorArea, isHeated, placesInOrder, type Project, type Rebuild } from '../../../house';
import {
  AREA_PER_SQFT,
  AREA_PER_SQM,
  addDays,
  area,
  cents,
  daysBetween,
  minutes,
  type Area,
  type Cents,
  type PlainDate,
} from '../../../units';
import type { Weighed } from './option';

/** Starting guesses for a house taken down and built new by a builder, made up, to be argued with. */
const GUESS: Rebuild = {
  per: 'sqft',
  buildCents: cents(21_000),
  clearCents: cents(1_400),
  growthPercent: 0,
  keepsFoundation: false,
  quoteCents: null,
};
/** The same for a house in metres: so many square feet go into a square metre, to a round sum. */
const METRIC_GUESS: Rebuild = {
  ...GUESS,
  per: 'm2',
  buildCents: cents(226_000),
  clearCents: cents(15_000),
};
/** A foundation that is kept saves this share of building, and so many days. */
const FOUNDATION_PERCENT = 12;
const FOUNDATION_DAYS = 21;
const PERMIT_DAYS = 75;
const CLEAR_DAYS = 14;
const BUILD_DAYS_A_SQFT = 0.14;
const OWN_HOURS = 60;
const INSPECTIONS = 9;
const NEW_CONTINGENCY_PERCENT = 5;
const YEARS_NEW = 60;

type House = Pick<Project, 'places' | 'placeOrder' | 'units' | 'rebuild'>;

/** Floors that are heated: what a builder's rate is for. Attic, cellar, garage and all outside are not. */
const heatedArea = (house: House): Area =>
  area(
    placesInOrder(house)
      .filter(({ kind }) => isHeated(kind))
      .reduce((sum, place) => sum + floorArea(place), 0),
  );

/** What the price of building new is made of: the owner's figures, else starting guesses. */
export type RebuildBasis = {
  rates: Rebuild;
  isGuess: boolean;
  /** Heated today, and as it would be built. */
  heated: Area;
  built: Area;
  build: Cents;
  clear: Cents;
  /** What the kept foundation saves of building. */
  saved: Cents;
  total: Cents;
  days: number;
};

/** What building the house new would take, by its size. */
export function rebuildBasis(house: House): RebuildBasis {
  const rates = house.rebuild ?? (house.units === 'metric' ? METRIC_GUESS : GUESS);
  const unit = rates.per === 'sqft' ? AREA_PER_SQFT : AREA_PER_SQM;
  const heated = heatedArea(house);
  const built = area(Math.round((heated * (100 + rates.growthPercent)) / 100));
  const build = cents((built / unit) * rates.buildCents);
  const clear = cents((heated / unit) * rates.clearCents);
  const saved = cents(rates.keepsFoundation ? (build * FOUNDATION_PERCENT) / 100 : 0);
  const foundation = rates.keepsFoundation ? FOUNDATION_DAYS : 0;
  return {
    rates,
    isGuess: house.rebuild === null,
    heated,
    built,
    build,
    clear,
    saved,
    total: rates.quoteCents ?? cents(build + clear - saved),
    days: Math.round(
      PERMIT_DAYS + CLEAR_DAYS + (built / AREA_PER_SQFT) * BUILD_DAYS_A_SQFT - foundation,
    ),
  };
}

/**
 * Tearing down and building new, in the same figures as renovating on: heated floor × rate or a builder's quote,
 * permit, clearing and building days in a row. Nothing paid so far comes back.
 */
export function weighRebuild(house: House, today: PlainDate, against: Weighed): Weighed {
  const { rates, clear, total, days } = rebuildBasis(house);
  const contingency = cents((total * NEW_CONTINGENCY_PERCENT) / 100);
  const date = addDays(today, days);
  const gate = (other: PlainDate | null) => ({
    date,
    daysLater: other === null ? 0 : days - daysBetween(today, other),
  });
  return {
    id: 'rebuild',
    title: 'Tear down and build new',
    centsNow: cents(Math.min(clear, total)),
    centsToEnd: total,
    contingency,
    centsTotal: cents(total + contingency),
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
    givesUp: rates.keepsFoundation
      ? 'The old house above its foundation, and everything paid on it so far.'
      : 'The old house, and everything paid on it so far.',
  };
}
