import fc from 'fast-check';
import { planningInputOf, type Person, type Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { standingOf, type Plan, type PlannedJob } from '../report';
import { faultsOf } from '../../testing/check-plan';
import { anyHouse, chosen } from '../../testing/houses';
import { anyRenovation } from '../../testing/renovations';
import { worksFor } from '../../trade/steps';
import { addDays, minutes, momentAt, plainDate } from '../../units';
import { planHouse } from '../plan-house';

const FIRST = plainDate('2026-01-05');
const MORNING = momentAt(FIRST, 8 * 60);

/** What somebody may say of a house between two plans of it; null where there is nothing to say it of. */
type Change = (house: Project, jobs: readonly PlannedJob[], pick: number) => EventBodyOf | null;

/** Of one job of some kind. */
const of =
  (
    kinds: readonly PlannedJob['work']['kind'][],
    said: (job: PlannedJob, house: Project) => object,
  ): Change =>
  (house, jobs, pick) => {
    const those = jobs.filter(({ work }) => kinds.includes(work.kind));
    const job = those[pick % Math.max(1, those.length)];
    return job ? (said(job, house) as EventBodyOf) : null;
  };
const ours = (said: (job: PlannedJob, house: Project) => object) => of(['labour'], said);
const theirs = (said: (job: PlannedJob) => object) => of(['subcontract', 'inspection'], said);
const any = (said: (job: PlannedJob, house: Project) => object) =>
  of(['labour', 'subcontract', 'inspection'], said);

const figures = (of: (job: PlannedJob, house: Project) => object): Change =>
  ours((job, house) => ({
    type: 'jobFiguresAgreed',
    payload: { jobId: job.id, figures: of(job, house) },
  }));
const booked = (days: number): Change =>
  theirs(({ id }) => ({ type: 'visitBooked', payload: { jobId: id, on: addDays(FIRST, days) } }));

const people =
  (of: (household: readonly Person[]) => readonly object[]): Change =>
  (house) => ({ type: 'peopleAgreed', payload: { people: of(house.people) as never } });

const CHANGES: Record<string, Change> = {
  'two do it': figures(() => ({ hands: 2 })),
  'one does it': figures(() => ({ hands: 1 })),
  'the first of the household does it': figures((_, house) => ({ by: house.people[0]?.id })),
  'the last of the household does it': figures((_, house) => ({ by: house.people.at(-1)?.id })),
  'it takes three times as long': figures(({ left }) => ({ minutes: left * 3 + 1 })),
  'it takes a third': figures(({ left }) => ({ minutes: Math.ceil((left + 1) / 3) })),
  'it dries three days': figures(() => ({ waitHours: 72 })),
  'the first paints and nothing else': people(([first, ...others]) => [
    { ...first, skills: ['painting'] },
    ...others,
  ]),
  'the last paints and nothing else': people((household) =>
    household.map((each, at) => (at > 0 ? { ...each, skills: ['painting'] } : each)),
  ),
  'half the hours': people((household) =>
    household.map((each) => ({ ...each, week: each.week.map((day) => minutes(day / 2)) })),
  ),
  'weekends only': people((household) =>
    household.map((each) => ({
      ...each,
      week: each.week.map((day, at) => (at < 5 ? minutes(0) : day)),
    })),
  ),
  'the first alone is left': people(([first]) => [{ ...first }]),
  'one more comes': people((household) => [
    ...household,
    { ...household[0], id: `guest${household.length}`, name: 'Guest' },
  ]),
  'not before three weeks': any(({ id }) => ({
    type: 'jobHeldUntil',
    payload: { jobId: id, on: addDays(FIRST, 21) },
  })),
  'left out': any(({ id }) => ({
    type: 'jobDropped',
    payload: { jobId: id, on: FIRST, because: 'not here' },
  })),
  'in two parts': ours(({ id }) => ({
    type: 'jobSplit',
    payload: { jobId: id, percent: 40, inOrder: true },
  })),
  'a trade does it': ours(({ id }) => ({
    type: 'jobHired',
    payload: { jobId: id, trade: 'board crew', workdays: 2, cents: 70_000 },
  })),
  'booked for next Monday': booked(7),
  'booked for the sixth Monday': booked(42),
  'after the first job of all': (_, jobs, pick) => {
    const [first, after] = [jobs[0], jobs[pick % Math.max(1, jobs.length)]];
    return first && after && first !== after
      ? {
          type: 'ruleAdded',
          payload: { id: 'own', before: first.id, after: after.id, because: 'said so' },
        }
      : null;
  },
  'a work more': ({ places, placeOrder }, _, pick) => {
    const place = places[placeOrder[0] ?? ''];
    const works = place ? worksFor(place.kind) : [];
    const work = works[pick % Math.max(1, works.length)];
    return place && work ? chosen(place.id, work.id) : null;
  },
  'room by room': () => ({ type: 'pathChosen', payload: { path: 'rooms' } }),
  'nothing outside before April': () => ({
    type: 'outsideRestAgreed',
    payload: { rest: { from: '11-01', to: '03-31' } },
  }),
};

const planned = (house: Project, standing: Plan | null = null) =>
  planHouse(planningInputOf(house), MORNING, {
    schedules: 5,
    standing: standing && standingOf(standing),
  });

const anyOne = fc.oneof(anyHouse, anyRenovation);

/** One thing after another is said, and planned from what stood before; every plan is one of the house as it is then. */
function expectPlans(begun: Project, said: readonly (readonly [string, number])[]): void {
  let house = begun;
  let plan = planned(house);
  for (const [name, pick] of said) {
    const event = plan.ok ? CHANGES[name]?.(house, plan.value.jobs, pick) : null;
    const changed = event && applyEvents(house, [event]);
    if (!plan.ok || !changed) return;
    const next = planned(changed, plan.value);
    // Where nobody has an hour for it any more, whoever asks anew is told so too.
    if (next.ok) expect(faultsOf(planningInputOf(changed), next.value)).toEqual([]);
    else expect(planned(changed)).toEqual(next);
    [house, plan] = [changed, next];
  }
}

describe('what stands, after something was said of the house', () => {
  it.each(Object.keys(CHANGES))('%s: it is a plan of the house as it is now', (name) => {
    fc.assert(
      fc.property(anyOne, fc.nat(), (house, pick) => expectPlans(house, [[name, pick]])),
      { numRuns: 10 },
    );
  });

  it('any three of these, one after another', () => {
    const anyChange = fc.tuple(fc.constantFrom(...Object.keys(CHANGES)), fc.nat());
    const anyThree = fc.array(anyChange, { minLength: 3, maxLength: 3 });
    fc.assert(fc.property(anyOne, anyThree, expectPlans), { numRuns: 60 });
  });
});
