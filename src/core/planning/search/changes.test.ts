import fc from 'fast-check';
import type { Person, Project } from '../../house';
import { applyEvents, type EventBodyOf } from '../../journal';
import { standingOf, type Plan, type PlannedJob } from '../report';
import { faultsOf } from '../../testing/check-plan';
import { anyHouse } from '../../testing/houses';
import { anyRenovation } from '../../testing/renovations';
import { addDays, minutes, momentAt, plainDate } from '../../units';
import { planHouse } from '../plan-house';

const FIRST = plainDate('2026-01-05');
const MORNING = momentAt(FIRST, 8 * 60);

/** What somebody may say of a house between two plans of it; null where there is nothing to say it of. */
type Change = (house: Project, job: PlannedJob) => EventBodyOf | null;

const figures =
  (of: (job: PlannedJob, house: Project) => object): Change =>
  (house, job) =>
    job.work.kind === 'labour'
      ? {
          type: 'jobFiguresAgreed',
          payload: { jobId: job.id, figures: of(job, house) as never },
        }
      : null;

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
    { ...household[0], id: 'uncle', name: 'Uncle' },
  ]),
  'not before three weeks': (_, { id }) => ({
    type: 'jobHeldUntil',
    payload: { jobId: id, on: addDays(FIRST, 21) },
  }),
  'left out': (_, { id }) => ({
    type: 'jobDropped',
    payload: { jobId: id, on: FIRST, because: 'not here' },
  }),
  'nothing outside before April': () => ({
    type: 'outsideRestAgreed',
    payload: { rest: { from: '11-01', to: '03-31' } },
  }),
};

const planned = (house: Project, standing: Plan | null = null) =>
  planHouse(house, MORNING, { schedules: 5, standing: standing && standingOf(standing) });

describe('what stands, after something was said of the house', () => {
  it.each(Object.entries(CHANGES))('%s: it is a plan of the house as it is now', (_, change) => {
    fc.assert(
      fc.property(fc.oneof(anyHouse, anyRenovation), fc.nat(), (house, pick) => {
        const plan = planned(house);
        const job = plan.ok ? plan.value.jobs[pick % Math.max(1, plan.value.jobs.length)] : null;
        const said = job && change(house, job);
        const changed = said && applyEvents(house, [said]);
        if (!plan.ok || !changed) return;
        const next = planned(changed, plan.value);
        // Where nobody has an hour for it any more, whoever asks anew is told so too.
        if (next.ok) expect(faultsOf(changed, next.value)).toEqual([]);
        else expect(planned(changed)).toEqual(next);
      }),
      { numRuns: 12 },
    );
  });
});
