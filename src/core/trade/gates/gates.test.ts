import { idOf } from '../../testing/ids';
import { planningInputOf } from '../../house';
import type { EventBodyOf } from '../../journal';
import { leftToKeys, addedBy, jobsOfGate } from '../../planning/report';
import { takenAway } from '../../planning/report/taken-away';
import { wayTo } from '../../planning/report/way';
import { planHouse } from '../../planning/plan-house';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { dateOf, moment, momentAt, plainDate } from '../../units';

const NOW = momentAt(plainDate('2026-01-06'), 18 * 60);
const on = plainDate('2026-01-06');

const bath = [added(place('b', 'bathroom')), chosen('b', 'bathroom')];
const bed = [added(place('a')), chosen('a', 'repaint')];

function gatesOf(...bodies: EventBodyOf[]) {
  const planned = planHouse(planningInputOf(houseOf(...bodies)), NOW);
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
}
const ticked = (jobId: string): EventBodyOf => ({
  type: 'jobTicked',
  payload: { jobId: idOf(jobId), on },
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

  it('one that is not asked of this house is met by its reason, never over an open job', () => {
    const waived = (conditionId: string): EventBodyOf => ({
      type: 'conditionWaived',
      payload: { conditionId, on, because: 'all on one floor' },
    });
    const plan = gatesOf(...bath, waived('stairs'), waived('toilet'));
    expect(condition(plan, 'sleep', 'stairs')).toMatchObject({
      met: true,
      waived: 'all on one floor',
    });
    expect(condition(plan, 'sleep', 'toilet')?.met).toBe(false);
    // A look of one's own takes the place of the reason, and a reason that of the look.
    const check: EventBodyOf = { type: 'conditionChecked', payload: { conditionId: 'stairs', on } };
    expect(condition(gatesOf(...bath, waived('stairs'), check), 'sleep', 'stairs')).toMatchObject({
      waived: null,
      checkedOn: on,
    });
    expect(condition(gatesOf(...bath, check, waived('stairs')), 'sleep', 'stairs')).toMatchObject({
      waived: 'all on one floor',
      checkedOn: null,
    });
  });

  it('the punch list keeps its condition open until each of it is right', () => {
    const noted = (id: string): EventBodyOf => ({
      type: 'punchNoted',
      payload: { id, placeId: null, what: `chip ${id}`, on, closedOn: null },
    });
    const closed = (id: string): EventBodyOf => ({ type: 'punchClosed', payload: { id, on } });
    const list = gatesOf(...bath);
    const jobs = condition(list, 'done', 'punch')?.jobIds ?? [];
    const after = (...events: EventBodyOf[]) =>
      condition(gatesOf(...bath, ...jobs.map(ticked), ...events), 'done', 'punch');
    expect(after()).toMatchObject({ met: true, punchLeft: 0 });
    expect(after(noted('1'), noted('2'), closed('1'))).toMatchObject({ met: false, punchLeft: 1 });
    expect(after(noted('1'), closed('1'))).toMatchObject({ met: true, punchLeft: 0 });
  });

  it('the way to a condition holds all that is open before it, and ends on its day', () => {
    const plan = gatesOf(...bath);
    const toilet = condition(plan, 'sleep', 'toilet');
    const way = wayTo(plan, toilet?.openJobIds ?? []);
    const byId = new Map(plan.jobs.map((job) => [job.id, job]));
    const ids = new Set(way.jobs.map(({ id }) => id));
    for (const job of way.jobs) {
      for (const { jobId } of job.predecessors) {
        if (byId.get(jobId)?.doneOn === null) expect(ids).toContain(jobId);
      }
    }
    for (const job of plan.jobs) {
      if (ids.has(job.id)) continue;
      expect(
        way.jobs.flatMap(({ predecessors }) => predecessors.map(({ jobId }) => jobId)),
      ).not.toContain(job.id);
    }
    expect(way.minutesLeft).toBe(
      way.jobs.reduce((sum, { left, allowance }) => sum + left + allowance, 0),
    );
    expect(way.chain.at(-1)?.id).toBe(
      toilet?.openJobIds.toSorted(
        (a, b) => (byId.get(b)?.finish ?? 0) - (byId.get(a)?.finish ?? 0),
      )[0],
    );
    const done = gatesOf(...bath, ...way.jobs.map(({ id }) => ticked(id)));
    expect(wayTo(done, toilet?.openJobIds ?? [])).toMatchObject({
      jobs: [],
      finish: null,
      minutesLeft: 0,
      moneyLeft: 0,
    });
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
      expect(job?.predecessors.map(({ jobId }) => jobId)).toContain(chain[at]?.id);
    });
  });

  it('what holds in a house that is lived in holds until a place is opened up', () => {
    const livedIn = (...bodies: EventBodyOf[]) => {
      const house = houseOf(...bodies);
      const lived = { ...house, house: { ...house.house, occupancy: 'lived-in' as const } };
      const planned = planHouse(planningInputOf(lived), NOW, { schedules: 1 });
      if (!planned.ok) throw new Error(planned.error.code);
      return planned.value;
    };
    // Work takes the bath away from the day it is opened up to the day its last job is done.
    const away = livedIn(...bath, chosen('b', 'reline'));
    const bathing = condition(away, 'live', 'bath');
    const taken = bathing && takenAway(away, bathing);
    const opened = away.jobs.filter(({ id }) => /\/demo\./.test(id)).map(({ start }) => start);
    expect(new Set(opened.map((start) => dateOf(moment(start)))).size).toBeGreaterThan(1);
    expect(taken?.from).toBe(dateOf(moment(Math.min(...opened))));
    expect(taken?.to).toBe(wayTo(away, bathing?.openJobIds ?? []).finish);
    const nothing = condition(away, 'sleep', 'stairs');
    expect(nothing && takenAway(away, nothing)).toBeNull();
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
