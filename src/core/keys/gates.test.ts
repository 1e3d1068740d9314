import type { EventBodyOf } from '../journal';
import { leftToKeys, addedBy, jobsOfGate } from '../planning/report';
import { planHouse } from '../planning/plan-house';
import { added, chosen, houseOf, place } from '../testing/houses';
import { momentAt, plainDate } from '../units';

const NOW = momentAt(plainDate('2026-01-06'), 18 * 60);
const on = plainDate('2026-01-06');

const bath = [added(place('b', 'bathroom')), chosen('b', 'bathroom')];
const bed = [added(place('a')), chosen('a', 'repaint')];

function gatesOf(...bodies: EventBodyOf[]) {
  const planned = planHouse(houseOf(...bodies), NOW);
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
}
const ticked = (jobId: string): EventBodyOf => ({
  type: 'jobTicked',
  payload: { jobId: jobId as never, on },
});
const condition = (plan: ReturnType<typeof gatesOf>, gate: 'sleep' | 'live' | 'done', id: string) =>
  plan.gates[gate].conditions.find((found) => found.id === id);

describe('the three gates', () => {
  it('a condition with jobs is met by them alone', () => {
    const before = gatesOf(...bath);
    const toilet = condition(before, 'sleep', 'toilet');
    expect(toilet?.jobIds).toEqual(expect.arrayContaining(['b/fit.toilet', 'b/fit.basin']));
    expect(toilet?.met).toBe(false);
    const after = gatesOf(...bath, ...(toilet?.jobIds ?? []).map(ticked));
    expect(condition(after, 'sleep', 'toilet')?.met).toBe(true);
  });

  it('one without jobs asks for a person’s own check, with a date, which can be taken back', () => {
    const check: EventBodyOf = {
      type: 'conditionChecked',
      payload: { conditionId: 'stairs', on },
    };
    const before = gatesOf(...bed);
    expect(condition(before, 'sleep', 'stairs')).toMatchObject({ jobIds: [], met: false });
    const after = gatesOf(...bed, check);
    expect(condition(after, 'sleep', 'stairs')).toMatchObject({ met: true, checkedOn: on });
    expect(leftToKeys(after)).toBe(leftToKeys(before) - 1);
  });

  it('each holds what the gate before it needs, and nothing is counted twice', () => {
    const plan = gatesOf(...bath, ...bed);
    const ids = (gate: 'sleep' | 'live' | 'done') =>
      new Set(jobsOfGate(plan, gate).map(({ id }) => id));
    for (const id of ids('sleep')) expect(ids('live')).toContain(id);
    for (const id of ids('live')) expect(ids('done')).toContain(id);
    // All but looking again a season later, which keeps no gate open.
    expect(ids('done').size).toBe(plan.jobs.length - 1);
    const { sleep, done } = plan.gates;
    expect(addedBy(plan, 'sleep') + addedBy(plan, 'live') + addedBy(plan, 'done')).toBe(
      done.jobsLeft + done.checksLeft,
    );
    expect(addedBy(plan, 'sleep')).toBe(sleep.jobsLeft + sleep.checksLeft);
  });

  it('a bedroom repainted does not stand before the toilet, but the rough inspection does', () => {
    const plan = gatesOf(...bath, ...bed);
    const gateOf = (id: string) => plan.jobs.find((job) => job.id === id)?.gate;
    expect(gateOf('floor0/hold.plumbing')).toBe('sleep');
    expect(gateOf('a/last.coat')).not.toBe('sleep');
  });

  it('the longest way is a chain of links that ends at the gate’s own date', () => {
    const { gates, jobs } = gatesOf(...bath);
    const chain = gates.live.chain.map((id) => jobs.find((job) => job.id === id));
    expect(chain.length).toBeGreaterThan(3);
    chain.slice(1).forEach((job, at) => {
      expect(job?.waitsFor.map(({ jobId }) => jobId)).toContain(chain[at]?.id);
    });
  });

  it('what holds in a house that is lived in holds until a place is opened up', () => {
    const livedIn = (...bodies: EventBodyOf[]) => {
      const house = houseOf(...bodies);
      const lived = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
      const planned = planHouse(lived, NOW, { schedules: 1 });
      if (!planned.ok) throw new Error(planned.error.code);
      return planned.value;
    };
    const met = (id: string, gate: 'sleep' | 'live' | 'done', ...bodies: EventBodyOf[]) =>
      condition(livedIn(...bodies), gate, id)?.met;
    // Nobody asks whether there are stairs; the toilet works until it is torn out.
    expect(met('stairs', 'sleep', ...bath)).toBe(true);
    expect(met('toilet', 'sleep', ...bath)).toBe(true);
    expect(met('toilet', 'sleep', ...bath, ticked('b/demo.fixtures'))).toBe(false);
    const back = ['b/demo.fixtures', 'b/fit.toilet', 'b/fit.basin'].map(ticked);
    expect(met('toilet', 'sleep', ...bath, ...back)).toBe(true);
    // An inspector's word and the list of faults hold when they are there, not before.
    expect(met('finals', 'live', ...bath)).toBe(false);
    expect(met('punch', 'done', ...bath)).toBe(false);
    expect(met('papers', 'done', ...bath)).toBe(false);
  });
});
