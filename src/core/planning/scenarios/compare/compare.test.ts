import { idOf } from '../../../testing/ids';
import fc from 'fast-check';
import { beside, daysLater, simulate, forecastHouse } from '../../simulation';
import { planningInputOf, type PlanningInput, type Survey } from '../../../house';
import { toTheEnd } from '../../../in-steps';
import type { EventBodyOf } from '../../../journal';
import { findLoop } from '../../../trade/precedence';
import { planHouse } from '../../plan-house';
import { linksOf, expandJobs } from '../../../estimating/jobs';
import { faultsOf } from '../../../testing/check-plan';
import { added, anyHouse, chosen, houseOf, place } from '../../../testing/houses';
import { addDays, minutes, momentAt, plainDate } from '../../../units';
import { weighOptions } from '../weigh';
import { comparisonsOf, flipsOf, forwardOptions, waysForward, weighRebuild, withOption } from '.';

const ON = plainDate('2026-01-05');
const NOW = momentAt(ON, 8 * 60);
const windows: Survey = {
  placeId: idOf('a'),
  element: 'windows',
  on: ON,
  condition: 'tired',
  decision: 'undecided',
  how: null,
  count: 1,
  reason: null,
  size: null,
  suspicion: 'rot',
  risk: null,
  salvage: null,
  options: ['repair', 'replace'],
};
/** Two bedrooms of 12 x 10 ft: b is repainted, a has undecided windows with rot suspected. */
const house = houseOf(added(place('a')), added(place('b')), chosen('b', 'repaint'), {
  type: 'elementSurveyed',
  payload: windows,
});
const plan = (() => {
  const planned = planHouse(planningInputOf(house), NOW);
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
})();
function compared(id: string) {
  const comparison = comparisonsOf(planningInputOf(house), plan).find((found) => found.id === id);
  if (!comparison) throw new Error(`no ${id}`);
  const weighed = weighOptions(planningInputOf(house), NOW, comparison.options);
  if (!weighed.ok) throw new Error(weighed.error.code);
  return { options: weighed.value, flips: flipsOf(weighed.value, comparison.gamble) };
}

describe('side by side, computed by planning each', () => {
  it('keep, repair or replace', () => {
    const { options, flips } = compared('element:a/windows');
    const [keep, repair, replace] = options;
    // Overhauling: $36 of putty and cord; measuring 30 min and 360 min at the sash.
    expect((repair?.centsToEnd ?? 0) - (keep?.centsToEnd ?? 0)).toBe(3_600);
    expect((repair?.ownMinutes ?? 0) - (keep?.ownMinutes ?? 0)).toBe(390);
    // A new one: $540 and $5 of caulk; measure 30, set 330, case 90, caulk 50, punch 240 = 740 min.
    expect((replace?.centsToEnd ?? 0) - (keep?.centsToEnd ?? 0)).toBe(54_500);
    expect((replace?.ownMinutes ?? 0) - (keep?.ownMinutes ?? 0)).toBe(740);
    // It takes 35 days to come: 9 Feb; without it the house is liveable on 14 Jan.
    expect(replace?.gates.live.daysLater).toBeGreaterThanOrEqual(26);
    // One place of two walked, nothing undecided any more: (1/2 + 0)/2 up from 10% is 12.5% of $598 to buy.
    expect(keep?.contingency).toBe(7_475);
    expect([keep?.yearsGained, repair?.yearsGained, replace?.yearsGained]).toEqual([null, 8, 30]);
    // Keep $982.75 in all, repair $1,023.25: level if its price fell by $40.50. Rot at 40% costs $775 in the
    // middle; 40.50 / 775 = 5.2 points more, so from 46% keeping is no longer cheaper.
    expect(flips).toEqual([
      expect.objectContaining({ kind: 'price', by: 4_050 }),
      expect.objectContaining({ kind: 'chance', percent: 46 }),
    ]);
  });

  it('do it or hire it', () => {
    const { options, flips } = compared('hire:house/move.in');
    const [own, hire] = options;
    // Twelve hours at a trade's pace of 0.6 are 7.2 h at $65: $468. Own hours: 720 min fewer.
    expect((hire?.centsToEnd ?? 0) - (own?.centsToEnd ?? 0)).toBe(46_800);
    expect((own?.ownMinutes ?? 0) - (hire?.ownMinutes ?? 0)).toBe(720);
    // With 17.5% contingency it is $549.90 for twelve hours: worth it above $45.83 an hour.
    expect(flips).toContainEqual(expect.objectContaining({ kind: 'hour', centsAnHour: 4_583 }));
  });

  it('before or after moving in', () => {
    const { options } = compared('defer:b/repaint');
    const [before, after] = options;
    // The same paint and the same hours, whenever it is done.
    expect(after?.centsToEnd).toBe(before?.centsToEnd);
    expect(after?.ownMinutes).toBe(before?.ownMinutes);
    const later = withOption(planningInputOf(house), {
      id: 'after',
      title: 'after',
      changes: [
        {
          type: 'workDeferred',
          payload: { placeId: idOf('b'), workId: 'repaint', deferred: true },
        },
      ],
      yearsGained: null,
      givesUp: '',
    });
    const planned = planHouse(later, NOW);
    if (!planned.ok) throw new Error(planned.error.code);
    const moveIn = planned.value.jobs.find(({ id }) => id === 'house/move.in');
    const wash = planned.value.jobs.find(({ id }) => id === 'b/paint.wash');
    const walk = planned.value.jobs.find(({ id }) => id === 'b/survey.walk');
    expect(walk?.predecessors).toContainEqual(
      expect.objectContaining({
        jobId: 'house/move.in',
        why: 'It was put off until you live there.',
      }),
    );
    expect(wash?.start).toBeGreaterThanOrEqual(moveIn?.finish ?? Infinity);
  });

  it('trade by trade or room by room: the same work in another order', () => {
    const { options } = compared('path');
    const [trades, rooms] = options;
    expect(rooms?.ownMinutes).toBe(trades?.ownMinutes);
    expect(rooms?.centsToEnd).toBe(trades?.centsToEnd);
    const three = houseOf(
      ...['a', 'b', 'c'].flatMap((id) => [
        added(place(id)),
        chosen(id, 'reline'),
        chosen(id, 'new-floor'),
      ]),
    );
    const finishes = (path: 'trades' | 'rooms') => {
      const planned = planHouse(planningInputOf({ ...three, path }), NOW);
      if (!planned.ok) throw new Error(planned.error.code);
      return Math.max(
        ...planned.value.jobs
          .filter(({ id }) => id === 'a/trim.base' || id === 'a/last.coat')
          .map(({ finish }) => finish),
      );
    };
    // The first room is usable sooner when it is taken to its end.
    expect(finishes('rooms')).toBeLessThan(finishes('trades'));
  });

  it('renovate or tear down', () => {
    const [renovate] = compared('rebuild').options;
    if (!renovate) throw new Error('nothing weighed');
    // 240 sq ft at $210 and $14 to clear: $53,760; 5% contingency $2,688. Days: 75 + 14 + 240 x 0.14 = 123.
    expect(weighRebuild(house, ON, renovate)).toMatchObject({
      centsNow: 336_000,
      centsToEnd: 5_376_000,
      contingency: 268_800,
      centsTotal: 5_644_800,
      gates: { live: { date: '2026-05-08' } },
      yearsGained: 60,
    });
  });
});

describe('whatever is chosen', () => {
  it('putting any works off, or hiring any jobs, makes no loop and a plan that stands', () => {
    fc.assert(
      fc.property(anyHouse, fc.array(fc.nat({ max: 40 }), { maxLength: 6 }), (project, picks) => {
        const works = Object.values(project.works);
        const jobs = expandJobs(planningInputOf(project));
        const changes = picks.flatMap((pick): EventBodyOf[] => {
          const [work, job] = [works[pick % Math.max(1, works.length)], jobs[pick % jobs.length]];
          return [
            ...(work
              ? [
                  {
                    type: 'workDeferred' as const,
                    payload: { placeId: work.placeId, workId: work.workId, deferred: true },
                  },
                ]
              : []),
            ...(job && pick % 2 === 0
              ? [
                  {
                    type: 'jobHired' as const,
                    payload: { jobId: job.id, trade: 'x', workdays: 2, cents: 1_000 as never },
                  },
                ]
              : []),
          ];
        });
        const changed = withOption(planningInputOf(project), {
          id: '',
          title: '',
          changes,
          yearsGained: null,
          givesUp: '',
        });
        const after = expandJobs(changed);
        expect(
          findLoop(
            after.map(({ id }) => id),
            linksOf(after, changed),
          ),
        ).toBeUndefined();
        const planned = planHouse(changed, NOW, { schedules: 8 });
        expect(planned.ok && faultsOf(changed, planned.value)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what would bring it forward', () => {
  const options = forwardOptions(planningInputOf(house), plan);
  const weighed = weighOptions(planningInputOf(house), NOW, options);
  if (!weighed.ok) throw new Error(weighed.error.code);
  const { sooner, idle } = waysForward(options, weighed.value);

  it('tries an evening, the helper, hiring, putting off and ordering, each once, against leaving it', () => {
    const kinds = options.map(({ id }) => id.split(':')[0]);
    expect(kinds[0]).toBe('now');
    expect(kinds).toEqual(expect.arrayContaining(['evening']));
    expect(new Set(options.map(({ id }) => id)).size).toBe(options.length);
    expect(sooner.length + idle.length).toBe(options.length - 1);
  });

  it('twice the hours bring the day nearer, half of them move it away', () => {
    const given = (times: number) => ({
      id: `x${times}`,
      title: 'other hours',
      yearsGained: null,
      givesUp: '',
      changes: [
        {
          type: 'peopleAgreed' as const,
          payload: {
            people: house.people.map((person) => ({
              ...person,
              week: person.week.map((spent) => minutes(spent * times)),
            })),
          },
        },
      ],
    });
    const as = { ...given(1), id: 'now', changes: [] };
    const answer = weighOptions(planningInputOf(house), NOW, [as, given(2), given(0.5)]);
    if (!answer.ok) throw new Error(answer.error.code);
    const [, twice, half] = answer.value.map(({ gates }) => gates.live.daysLater);
    expect(twice).toBeLessThan(0);
    expect(half).toBeGreaterThan(0);
  });

  it('measures every way by planning with it, the most days first', () => {
    const days = sooner.map(({ daysSooner }) => daysSooner);
    expect(days).toEqual(days.toSorted((a, b) => b - a));
    const now = forecastHouse(planningInputOf(house), NOW);
    if (!now.ok) throw new Error(now.error.code);
    const { likely } = now.value.gates.live;
    const from = beside(now.value.plan);
    const liveOf = (project: PlanningInput) => {
      const simulated = toTheEnd(simulate(project, NOW, from));
      if (!simulated.ok) throw new Error(simulated.error.code);
      return simulated.value.drawn;
    };
    const same = liveOf(planningInputOf(house));
    for (const { option, date, daysSooner } of sooner) {
      const tried = liveOf(withOption(planningInputOf(house), option));
      expect(daysLater(same, tried, 'live')).toBe(-daysSooner);
      expect(date).toBe(likely && addDays(likely, -daysSooner));
      expect(daysSooner).toBeGreaterThan(0);
    }
  });
});
