import { z } from 'zod';
import { centsSchema, currencySchema, plainDateSchema, unitSystemSchema } from '../units';
import {
  decisionRecordSchema,
  hireSchema,
  outsideRestSchema,
  pathSchema,
  schoolsSchema,
} from './choices';
import { dayLogSchema, type DayLog, type Entry } from './entries';
import { ownLineSchema, productSchema } from './finishes';
import {
  acceptedSchema,
  budgetSchema,
  changeOrderSchema,
  ownKindSchema,
  purchaseMatchSchema,
  receiptSchema,
} from './money';
import { ownRuleSchema } from './moves';
import { personSchema } from './people';
import { placeIdSchema, placeSchema } from './place';
import {
  inspectionSchema,
  leftoverSchema,
  openQuestionSchema,
  orderSchema,
  quoteSchema,
} from './records';
import { keySchema } from './text';
import { phaseSchema } from './phases';
import { wallRecordSchema } from './behind';
import { punchItemSchema, waiverSchema } from './punch';
import { rebuildSchema } from './rebuild';
import { demandSchema, photoSchema, settlementSchema, surveySchema } from './survey';
import { placeTodaySchema } from './state';
import { jobDropSchema, jobFiguresSchema, jobSplitSchema, ownJobSchema } from './own-jobs';
import { workChoiceSchema } from './works';

export const houseSchema = z.object({
  name: z.string().trim().min(1).max(80),
  yearBuilt: z.int().min(1500).max(2200),
  occupancy: z.enum(['lived-in', 'empty']),
  firstDay: plainDateSchema,
  wishedMoveIn: plainDateSchema.nullable(),
});
export type House = z.infer<typeof houseSchema>;

/** What a taught word stands for. */
export const meaningSchema = z.object({
  /** `nothing` was offered once, and is not to be learned. */
  is: z.enum(['person', 'place', 'shop', 'job', 'nothing']),
  /** An id, of a job its step; a shop's name is its own. */
  of: keySchema(160),
});
export type Meaning = z.infer<typeof meaningSchema>;

/**
 * The house as the journal tells it. Nothing in here can be derived from the rest:
 * jobs, dates, sums and gates are computed from it by the other folders of the core.
 */
export const projectSchema = z.object({
  house: houseSchema,
  units: unitSystemSchema,
  currency: currencySchema,
  people: z.array(personSchema).max(20),
  budget: budgetSchema.nullable(),
  places: z.record(z.string(), placeSchema),
  /** Walking order. */
  placeOrder: z.array(placeIdSchema),
  works: z.record(z.string(), workChoiceSchema),
  ownJobs: z.record(z.string(), ownJobSchema),
  /** What the owner says of single jobs, over the starting figures. */
  jobFigures: z.record(z.string(), jobFiguresSchema),
  splits: z.record(z.string(), jobSplitSchema),
  droppedJobs: z.record(z.string(), jobDropSchema),
  days: z.record(z.string(), dayLogSchema),
  /** Own checks on the gates, by condition, with the day. */
  checks: z.record(z.string(), plainDateSchema),
  /** Conditions that do not apply here, with the reason. */
  waivers: z.record(z.string(), waiverSchema),
  punch: z.record(z.string(), punchItemSchema),
  /** Jobs checked off without a log line, with the day. */
  ticked: z.record(z.string(), plainDateSchema),
  orders: z.record(z.string(), orderSchema),
  inspections: z.array(inspectionSchema),
  /** Days agreed with an inspector or a hired trade, by job. */
  bookings: z.record(z.string(), plainDateSchema),
  wallRecords: z.record(z.string(), wallRecordSchema),
  questions: z.record(z.string(), openQuestionSchema),
  quotes: z.record(z.string(), quoteSchema),
  leftovers: z.record(z.string(), leftoverSchema),
  receipts: z.record(z.string(), receiptSchema),
  /** What purchases pay for, by payment. */
  matches: z.record(z.string(), purchaseMatchSchema),
  /** Quotes that were taken, by quote. */
  accepted: z.record(z.string(), acceptedSchema),
  changes: z.record(z.string(), changeOrderSchema),
  ownKinds: z.record(z.string(), ownKindSchema),
  ownHourCents: centsSchema.nullable(),
  /** What was seen on the walk, by place and element. */
  surveys: z.record(z.string(), surveySchema),
  settlements: z.record(z.string(), settlementSchema),
  demands: z.record(z.string(), demandSchema),
  phases: z.record(z.string(), phaseSchema),
  /** What building new would cost; null is the starting guesses. */
  rebuild: rebuildSchema.nullable(),
  photos: z.record(z.string(), photoSchema),
  /** Jobs given to a trade, by job. */
  hired: z.record(z.string(), hireSchema),
  /** Works put off until after move-in, by place and work. */
  deferred: z.record(z.string(), z.literal(true)),
  path: pathSchema,
  schools: schoolsSchema,
  outsideRest: outsideRestSchema.nullable(),
  decisions: z.record(z.string(), decisionRecordSchema),
  /** Rooms walked with the tape, with the day; the others stand at quick sizes. */
  measured: z.record(z.string(), plainDateSchema),
  /** Products chosen, by place and slot. */
  finishes: z.record(z.string(), z.string()),
  products: z.record(z.string(), productSchema),
  ownLines: z.record(z.string(), ownLineSchema),
  /** Wishes for single jobs: not before this day. */
  notBefore: z.record(z.string(), plainDateSchema),
  ownRules: z.record(z.string(), ownRuleSchema),
  /** Usual practice set aside between two jobs, by pair, with the reason. */
  overruled: z.record(z.string(), z.string()),
  /** How places belong together, as told; what nobody told is guessed. */
  relations: z.record(z.string(), z.array(placeIdSchema)),
  /** What a place is today, where it is not finished; `was` is the kind it used to be. */
  placeStates: z.record(z.string(), placeTodaySchema),
  /** Days somebody can do without, by what is out. */
  daysWithout: z.record(z.string(), z.number().min(0).max(365)),
  /** How dates and numbers are written here, apart from the units; null is what the currency suggests. */
  ways: z
    .object({
      dateOrder: z.enum(['day-first', 'month-first']),
      numberStyle: z.enum(['point', 'comma']),
    })
    .nullable(),
  /** What the owner taught the log to understand, by word. */
  taught: z.record(z.string(), meaningSchema),
  /** Up to which day help is settled, by name. */
  favoursSettled: z.record(z.string(), plainDateSchema),
  /** What was to be done and is, by entry, with the day. */
  nextsDone: z.record(z.string(), plainDateSchema),
  /** Names of places and people that were here once, by id: what was logged then keeps its words. */
  formerNames: z.record(z.string(), z.string()),
});
export type Project = z.infer<typeof projectSchema>;

/** The places in walking order. */
export const placesInOrder = (project: Pick<Project, 'places' | 'placeOrder'>) =>
  project.placeOrder.flatMap((id) => project.places[id] ?? []);

const byDate = (a: DayLog, b: DayLog): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

/**
 * Log lines, oldest first; lines of one day in the order they were kept. A line that names several days stands under
 * each of them, with what is of that day. Sorted once for each state of the diary.
 */
export function daysInOrder({ days }: Pick<Project, 'days'>): readonly DayLog[] {
  const known = sortedDays.get(days) ?? Object.values(days).flatMap(byOwnDay).sort(byDate);
  sortedDays.set(days, known);
  return known;
}
const sortedDays = new WeakMap<Project['days'], readonly DayLog[]>();
/** All entries of a line, by the part of it that stands under one day. */
export const linesOfDays = new WeakMap<DayLog, readonly Entry[]>();

function byOwnDay(day: DayLog): DayLog[] {
  const dates = new Set(day.entries.map(({ on }) => on ?? day.date));
  if (dates.size <= 1 && dates.has(day.date)) return [day];
  return [...dates].map((date) => {
    const part = {
      ...day,
      date,
      entries: day.entries.filter(({ on }) => (on ?? day.date) === date),
    };
    linesOfDays.set(part, day.entries);
    return part;
  });
}

/** A place's name; of one that was removed the name it had, said so. */
export function placeNameOf(
  { places, formerNames }: Pick<Project, 'places' | 'formerNames'>,
  id: string,
): string {
  const former = formerNames[id];
  return (
    places[id]?.name ?? (former === undefined ? 'A place since removed' : `${former} (removed)`)
  );
}
