import { minutesOn, type Person, type PersonId, type PlanningInput } from '../../house';
import { addDays, daysBetween, minutes, type Minutes, type PlainDate } from '../../units';

/** Whether a job in hand was left unfinished by a day, was finished on it, or there was none. */
export type DaysWork = 'none' | 'left' | 'finished';

/** What somebody gave on a day, beside what the calendar said. */
type KeptDay = { on: PlainDate; planned: Minutes; kept: Minutes };

/** Of the hours somebody meant to give, the share that was given, and from how many days that is known. */
type KeptHours = {
  /** What the plan goes by: 1 without a log. In twentieths. */
  share: number;
  /** Days' worth of hours that were kept and lost. */
  kept: number;
  lost: number;
};

/** Days before these say little of how it goes now. */
const DAYS_BACK = 84;
/** So many days as told weigh against those of the log: for the household, and for each person beside it. */
const HOUSEHOLD_DAYS = 5;
const PERSON_DAYS = 8;
const STEPS = 20;
/** Nobody plans with less, however long nothing was logged. */
const LEAST = 0.4;

export type KeptByPerson = ReadonlyMap<PersonId, KeptHours>;

/**
 * Hours kept against hours meant, by person, from the first line of the log to yesterday, on days with a job in
 * hand: who runs out of work has lost nothing. A day on which something was told without hours says nothing.
 */
export function keptHours(
  project: Pick<PlanningInput, 'people' | 'worked'>,
  today: PlainDate,
  workOn: (on: PlainDate) => DaysWork,
): KeptByPerson {
  const days = daysSeen(project, today);
  const sums = project.people.map((person) => ({
    person,
    ...sumOf(days.map((on) => keptOn(project, person, on, workOn(on)))),
  }));
  const own = sums.filter(({ person }) => person.role !== 'crew');
  const [kept, lost] = [totalOf(own, 'kept'), totalOf(own, 'lost')];
  const pooled = (kept + HOUSEHOLD_DAYS) / (kept + lost + HOUSEHOLD_DAYS);
  return new Map(
    sums.map(({ person, ...sum }) => {
      const share = (sum.kept + pooled * PERSON_DAYS) / (sum.kept + sum.lost + PERSON_DAYS);
      // Who is paid by the day comes.
      const planned = person.role === 'crew' ? 1 : Math.max(LEAST, share);
      return [person.id, { ...sum, share: Math.round(planned * STEPS) / STEPS }];
    }),
  );
}

const totalOf = (sums: readonly { kept: number; lost: number }[], what: 'kept' | 'lost') =>
  sums.reduce((sum, each) => sum + each[what], 0);

function daysSeen({ worked }: Pick<PlanningInput, 'worked'>, today: PlainDate): PlainDate[] {
  const first = (Object.keys(worked) as PlainDate[]).toSorted()[0];
  if (first === undefined || first >= today) return [];
  const span = Math.min(DAYS_BACK, daysBetween(first, today));
  return Array.from({ length: span }, (_, at) => addDays(today, at - span));
}

function keptOn(
  { worked }: Pick<PlanningInput, 'worked'>,
  person: Person,
  on: PlainDate,
  work: DaysWork,
): KeptDay | null {
  const planned = minutesOn(person, on);
  const told = worked[on];
  const toldOf = told?.[person.id] ?? 0;
  if (planned === 0 || work === 'none') return null;
  if (told && Object.keys(told).length === 0) return null;
  if (work === 'left') return { on, planned, kept: minutes(Math.min(planned, toldOf)) };
  return toldOf === 0 ? null : { on, planned, kept: planned };
}

function sumOf(days: readonly (KeptDay | null)[]): { kept: number; lost: number } {
  const told = days.flatMap((day) => day ?? []);
  const usual = told.reduce((sum, { planned }) => sum + planned, 0) / Math.max(1, told.length) || 1;
  const kept = told.reduce((sum, day) => sum + day.kept, 0) / usual;
  return { kept, lost: told.length - kept };
}
