import { z } from 'zod';
import { personSchema } from '../../house/people';
import { budgetSchema } from '../../house/money';
import { houseSchema, type Project } from '../../house/project';
import { currencySchema, unitSystemSchema } from '../../units';
import { defineEvent } from './define';

const peopleSchema = z.array(personSchema).min(1).max(20);

const startedSchema = z.object({
  house: houseSchema,
  units: unitSystemSchema,
  currency: currencySchema,
  people: peopleSchema,
});

const EMPTY = {
  budget: null,
  places: {},
  placeOrder: [],
  works: {},
  ownJobs: {},
  jobFigures: {},
  splits: {},
  droppedJobs: {},
  days: {},
  checks: {},
  waivers: {},
  punch: {},
  ticked: {},
  orders: {},
  inspections: [],
  bookings: {},
  wallRecords: {},
  questions: {},
  quotes: {},
  leftovers: {},
  receipts: {},
  matches: {},
  accepted: {},
  changes: {},
  ownKinds: {},
  ownHourCents: null,
  surveys: {},
  settlements: {},
  demands: {},
  phases: {},
  rebuild: null,
  photos: {},
  hired: {},
  deferred: {},
  path: 'trades',
  schools: {},
  outsideRest: null,
  decisions: {},
  measured: {},
  finishes: {},
  products: {},
  ownLines: {},
  notBefore: {},
  ownRules: {},
  overruled: {},
  relations: {},
  placeStates: {},
  daysWithout: {},
  ways: null,
  taught: {},
  favoursSettled: {},
  nextsDone: {},
  formerNames: {},
} satisfies Partial<Project>;

/** The house as it is on the first line of its journal. */
export const startProject = (started: z.infer<typeof startedSchema>): Project => ({
  ...EMPTY,
  ...started,
  // In a house that is lived in, a room one can use is worth more than tools set up once.
  path: started.house.occupancy === 'lived-in' ? 'rooms' : 'trades',
});

/** The first line of a journal; a second one is not in the house's history and changes nothing. */
export const houseStarted = defineEvent({
  type: 'houseStarted',
  payload: startedSchema,
  // Version 2 may have days that come back every year, version 3 kinds of work and crews.
  upgrades: [(payload) => payload, (payload) => payload],
  refers: () => false,
  apply: () => undefined,
});

export const houseCorrected = defineEvent({
  type: 'houseCorrected',
  payload: houseSchema,
  apply: (project, house) => {
    project.house = house;
  },
});

export const unitsChosen = defineEvent({
  type: 'unitsChosen',
  payload: z.object({ units: unitSystemSchema }),
  apply: (house, { units }) => {
    house.units = units;
  },
});

/** How money, dates and numbers are written here, whatever the units. */
export const waysAgreed = defineEvent({
  type: 'waysAgreed',
  payload: z.object({
    currency: currencySchema,
    dateOrder: z.enum(['day-first', 'month-first']),
    numberStyle: z.enum(['point', 'comma']),
  }),
  // Version 2 knows every currency.
  upgrades: [(payload) => payload],
  apply: (house, { currency, ...ways }) => {
    house.currency = currency;
    house.ways = ways;
  },
});

/** Who works on the house from now on. What others did before keeps their name. */
export const peopleAgreed = defineEvent({
  type: 'peopleAgreed',
  payload: z.object({ people: peopleSchema }),
  // Version 2 may have days that come back every year, version 3 kinds of work and crews.
  upgrades: [(payload) => payload, (payload) => payload],
  apply: (house, { people }) => {
    for (const { id, name } of house.people) house.formerNames[id] = name;
    for (const { id } of people) delete house.formerNames[id];
    house.people = people;
  },
});

export const budgetAgreed = defineEvent({
  type: 'budgetAgreed',
  payload: budgetSchema,
  // Version 2 may say how much of it is for a room or a kind.
  upgrades: [(payload) => payload],
  apply: (house, budget) => {
    house.budget = budget;
  },
});
