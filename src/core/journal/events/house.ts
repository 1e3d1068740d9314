import { z } from 'zod';
import { currencySchema, unitSystemSchema } from '../../units';
import { personSchema } from '../../house/people';
import { budgetSchema, houseSchema, type Project } from '../../house/project';
import { defineEvent } from './define';

const startedSchema = z.object({
  house: houseSchema,
  units: unitSystemSchema,
  currency: currencySchema,
  people: z.array(personSchema).min(1).max(20),
});

const EMPTY = {
  budget: null,
  places: {},
  placeOrder: [],
  works: {},
  ownJobs: {},
  days: {},
  checks: {},
  ticked: {},
  orders: {},
  inspections: [],
  bookings: {},
  wallRecords: {},
  questions: {},
  quotes: {},
  leftovers: {},
  surveys: {},
  settlements: {},
  demands: {},
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
} satisfies Partial<Project>;

/** The house as it is on the first line of its journal. */
export const startProject = (started: z.infer<typeof startedSchema>): Project => ({
  ...EMPTY,
  ...started,
  // In a house that is lived in, a room one can use is worth more than tools set up once.
  path: started.house.occupancy === 'lived-in' ? 'rooms' : 'trades',
});

export const houseStarted = defineEvent({
  type: 'houseStarted',
  payload: startedSchema,
  apply: (project) => project,
});

export const houseCorrected = defineEvent({
  type: 'houseCorrected',
  payload: houseSchema,
  apply: (project, house) => ({ ...project, house }),
});

export const unitsChosen = defineEvent({
  type: 'unitsChosen',
  payload: z.object({ units: unitSystemSchema }),
  apply: (project, { units }) => ({ ...project, units }),
});

export const peopleAgreed = defineEvent({
  type: 'peopleAgreed',
  payload: z.object({ people: z.array(personSchema).min(1).max(20) }),
  apply: (project, { people }) => ({ ...project, people }),
});

export const budgetAgreed = defineEvent({
  type: 'budgetAgreed',
  payload: budgetSchema,
  apply: (project, budget) => ({ ...project, budget }),
});
