import { idOf } from '../../testing/ids';
import { planningInputOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import { faultsOf } from '../../testing/check-plan';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { addDays, dateOf, momentAt, plainDate } from '../../units';

const ON = plainDate('2026-01-05');
const NOW = momentAt(ON, 8 * 60);
const base = [
  added(place('bed')),
  added(place('hall', 'hall')),
  chosen('bed', 'repaint'),
  chosen('bed', 'new-floor'),
  chosen('hall', 'repaint'),
];
const planned = (...events: EventBodyOf[]) => {
  const project = houseOf(...base, ...events);
  const plan = planHouse(planningInputOf(project), NOW);
  if (!plan.ok) return plan.error;
  expect(faultsOf(planningInputOf(project), plan.value)).toEqual([]);
  return new Map(plan.value.jobs.map((job) => [job.id as string, job]));
};
const jobs = (...events: EventBodyOf[]) => {
  const plan = planned(...events);
  if (!(plan instanceof Map)) throw new Error(plan.code);
  return plan;
};
const rule = (before: string, after: string): EventBodyOf => ({
  type: 'ruleAdded',
  payload: { id: 'r1', before: idOf(before), after: idOf(after), because: 'the guests come' },
});

describe('an order of one’s own', () => {
  it('a job held until a day starts no earlier, says so, and lets go again', () => {
    const on = addDays(ON, 40);
    const held: EventBodyOf = {
      type: 'jobHeldUntil',
      payload: { jobId: idOf('hall/paint.walls'), on },
    };
    const job = jobs(held).get('hall/paint.walls');
    expect(job && dateOf(job.start) >= on).toBe(true);
    expect(job?.heldBy).toContainEqual(expect.objectContaining({ kind: 'not-before' }));
    expect(job?.state).toBe('later');
    const letGo: EventBodyOf = {
      type: 'jobLetGo',
      payload: { jobId: idOf('hall/paint.walls') },
    };
    expect(jobs(held, letGo).get('hall/paint.walls')?.start).toBe(
      jobs().get('hall/paint.walls')?.start,
    );
  });

  it('a rule of one’s own is kept with its reason, and taken back', () => {
    const [first, second] = ['bed/floor.lay', 'hall/paint.wash'];
    expect((jobs().get(second)?.start ?? 0) < (jobs().get(first)?.finish ?? 0)).toBe(true);
    const after = jobs(rule(first, second));
    expect((after.get(second)?.start ?? 0) >= (after.get(first)?.finish ?? 0)).toBe(true);
    expect(after.get(second)?.predecessors).toContainEqual(
      expect.objectContaining({ jobId: first, why: 'the guests come', strength: 'own' }),
    );
    const back = jobs(rule(first, second), { type: 'ruleTakenBack', payload: { id: 'r1' } });
    expect(back.get(second)?.start).toBe(jobs().get(second)?.start);
  });

  it('a ring of rules is refused with the jobs in it', () => {
    const error = planned(rule('bed/floor.lay', 'bed/paint.wash'));
    expect(error).toMatchObject({ code: 'loop' });
    expect('jobIds' in error && error.jobIds).toEqual(
      expect.arrayContaining(['bed/floor.lay', 'bed/paint.wash']),
    );
  });

  it('usual practice can be set aside between two jobs; the harder rules cannot', () => {
    const all = [...jobs().values()].flatMap((job) =>
      job.predecessors.map((link) => ({ ...link, after: job.id })),
    );
    for (const strength of ['practice', 'safety', 'physics'] as const) {
      const link = all.find((each) => each.strength === strength);
      if (!link) throw new Error(`no rule of ${strength}`);
      const overruled: EventBodyOf = {
        type: 'ruleOverruled',
        payload: { before: link.jobId, after: link.after, because: 'we know why' },
      };
      const left = jobs(overruled)
        .get(link.after)
        ?.predecessors.some(({ jobId, why }) => jobId === link.jobId && why === link.why);
      expect([strength, left]).toEqual([strength, strength !== 'practice']);
      const restored: EventBodyOf = {
        type: 'ruleRestored',
        payload: { before: link.jobId, after: link.after },
      };
      expect(
        jobs(overruled, restored)
          .get(link.after)
          ?.predecessors.some(({ jobId }) => jobId === link.jobId),
      ).toBe(true);
    }
  });
});
