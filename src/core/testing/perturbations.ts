import { idOf } from './ids';
import type { Project } from '../house';
import { applyEvents } from '../journal';
import type { Plan } from '../planning/report';
import { addDays, minutes, momentAt, type Minutes, type Moment, type PlainDate } from '../units';
import { dayAsPlanned } from './days';

const MORNING = 8 * 60;
const LONGEST_DAY = 600;

export const PERTURBATIONS = ['as planned', 'ten minutes more', 'more hours', 'a helper'] as const;
export type Perturbation = (typeof PERTURBATIONS)[number];

/** A house that something small happened to, planned before and after it. */
export type Perturbed = { kind: Perturbation; on: PlainDate; before: Plan; after: Plan };

export type Planner = (house: Project, now: Moment, standing: Plan | null) => Plan;

const longer = (length: Minutes, by: number): Minutes =>
  minutes(length === 0 ? 0 : Math.min(LONGEST_DAY, length + by));

/** Everybody gives so many minutes more on each of their days. */
const withMoreHours = (house: Project, by: number): Project => ({
  ...house,
  people: house.people.map((person) => ({
    ...person,
    week: person.week.map((length) => longer(length, by)),
  })),
});

/** One more who comes when the last of the household does. */
export const withHelper = (house: Project): Project => ({
  ...house,
  people: [...house.people, { ...house.people.at(-1)!, id: idOf('uncle'), name: 'Uncle' }],
});

/**
 * A house that lives for some days as planned, and what each kind of small change would have made of its plan on each
 * of them. `more` is what is added to the hours.
 */
export function* perturbationsOf(
  house: Project,
  first: PlainDate,
  days: number,
  plan: Planner,
  more = 45,
): Generator<Perturbed, void, void> {
  let lived = house;
  let now = momentAt(first, MORNING);
  let before = plan(lived, now, null);
  for (let day = 0; day < days; day += 1) {
    const on = addDays(first, day);
    const tomorrow = momentAt(addDays(on, 1), MORNING);
    const logged = (extra: number) => {
      const after = applyEvents(lived, dayAsPlanned(before, on, extra));
      if (!after) throw new Error('no house');
      return after;
    };
    const asPlanned = logged(0);
    const next = plan(asPlanned, tomorrow, before);
    const told = (kind: Perturbation, after: Plan): Perturbed => ({ kind, on, before, after });
    yield told('as planned', next);
    yield told('ten minutes more', plan(logged(10), tomorrow, before));
    yield told('more hours', plan(withMoreHours(lived, more), now, before));
    yield told('a helper', plan(withHelper(lived), now, before));
    [lived, now, before] = [asPlanned, tomorrow, next];
  }
}

/** Whole days by which jobs still to be done end later in the second plan, the latest first. */
export function laterJobs(before: Plan, after: Plan): { id: string; days: number }[] {
  const day = (at: number) => Math.floor(at / (24 * 60));
  const ends = new Map(before.jobs.map((job) => [job.id, day(job.finish)]));
  return after.jobs
    .filter(({ doneOn }) => doneOn === null)
    .map(({ id, finish }) => ({ id: id as string, days: day(finish) - (ends.get(id) ?? Infinity) }))
    .filter(({ days }) => days > 0)
    .toSorted((a, b) => b.days - a.days);
}
