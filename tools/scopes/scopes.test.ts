import { planningInputOf } from '../../src/core/house';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { daysWithout } from '../../src/core/planning/report';
import { faultsOf } from '../../src/core/testing/check-plan';
import { dateOf, daysBetween } from '../../src/core/units';
import { SCOPES, houseOf } from './houses';
import { planOf, scopesAsText } from './text';

const scope = (id: string) => {
  const found = SCOPES.find((each) => each.id === id);
  if (!found) throw new Error(`${id} is no scope`);
  return found;
};
const plans = new Map(SCOPES.map((each) => [each.id, planOf(each)]));
const planned = (id: string) => {
  const plan = plans.get(id);
  if (!plan) throw new Error(`${id} has no plan`);
  const job = (jobId: string) => {
    const found = plan.jobs.find((each) => each.id === jobId);
    if (!found) throw new Error(`${id}: ${jobId} is not planned`);
    return {
      from: found.stretches[0]?.from ?? found.start,
      to: found.finish,
      shortfalls: found.shortfalls,
    };
  };
  return { plan, job };
};

/** The jobs stand one after the other, each done before the next begins. */
function expectInOrder(id: string, jobs: readonly string[]): void {
  const { job } = planned(id);
  for (const [at, jobId] of jobs.slice(1).entries()) {
    const before = jobs[at] ?? '';
    expect([before, jobId, job(before).to <= job(jobId).from]).toEqual([before, jobId, true]);
  }
}

describe('scopes a builder reads', () => {
  it.each(SCOPES.map((each) => [each.title, each] as const))('%s: nothing is broken', (_, each) => {
    expect(faultsOf(planningInputOf(houseOf(each)), planned(each.id).plan)).toEqual([]);
  });

  it('the page says what the program plans', () => {
    expect(readFileSync(join('docs', 'scopes.md'), 'utf8')).toBe(scopesAsText());
  });

  it('a bath: frame to drains to fan to bath to water to cable to visits to tile to glass', () => {
    expectInOrder('bath-gut', [
      'house/permit.apply',
      'bath/demo.fixtures',
      'bath/demo.haul',
      'bath/rough.drains',
      'bath/rough.fan',
      'bath/rough.bath-wall',
      'bath/rough.bath-in',
      'bath/rough.water',
      'bath/rough.cable',
      'bath/rough.firestop',
      'floor0/hold.plumbing',
      'floor0/hold.framing',
      'bath/record.walls',
      'bath/insulate.batts',
      'floor0/hold.insulation',
      'bath/board.walls',
      'bath/wall.backer',
      'bath/wall.seal',
      'bath/wall.tile',
      'bath/wall.grout',
      'bath/tile.silicone',
      'bath/shower.measure',
      'bath/shower.glass',
      'bath/last.caulk',
      'bath/close.punch',
    ]);
    const { job } = planned('bath-gut');
    const glass = daysBetween(
      dateOf(job('bath/shower.measure').to),
      dateOf(job('bath/shower.glass').from),
    );
    expect(glass).toBeGreaterThanOrEqual(10);
    expect(glass).toBeLessThanOrEqual(21);
  });

  it('the only kitchen: pieces and a cook corner first, a stand-in until the tops, days without told', () => {
    expectInOrder('only-kitchen', ['kitchen/pieces.here', 'kitchen/demo.fixtures']);
    expectInOrder('only-kitchen', ['kitchen/temp.kitchen', 'kitchen/demo.fixtures']);
    expectInOrder('only-kitchen', [
      'kitchen/cabinets.template',
      'kitchen/temp.tops',
      'kitchen/fit.tops',
      'kitchen/fit.sink',
      'kitchen/fit.appliances',
      'house/final.electric',
    ]);
    const { plan, job } = planned('only-kitchen');
    const lead = daysBetween(
      dateOf(job('kitchen/decide.finishes').to),
      dateOf(job('kitchen/pieces.here').from),
    );
    expect(lead).toBeGreaterThanOrEqual(28);
    const [without] = daysWithout(plan, houseOf(scope('only-kitchen')));
    expect(without).toMatchObject({ of: 'kitchen', limit: 40, told: false });
    expect(without?.days).toBeGreaterThan(20);
  });

  it('a small house: nothing inside closes before its roof, and blown insulation last over the ceilings', () => {
    const { plan, job } = planned('gutted-empty');
    const ceilings = plan.jobs.filter(({ stepId }) => stepId === 'board.ceiling');
    expect(ceilings).toHaveLength(6);
    for (const { id } of ceilings)
      expectInOrder('gutted-empty', ['roof/shell.roof', id, 'attic/insulate.blown']);
    const hall = job('hall/floor.lay').from;
    const rooms = ['living', 'kitchen', 'front-bed', 'back-bed', 'bath'];
    for (const room of rooms) expect(job(`${room}/board.sand`).to).toBeLessThanOrEqual(hall);
  });

  it('porch to room: may it carry a room, what moves first, then infill to paint', () => {
    expectInOrder('porch-room', [
      'porch/look.carries',
      'house/engineer.visit',
      'house/permit.apply',
      'porch/service.move',
      'porch/frame.infill',
      'porch/frame.sheath',
      'porch/shell.wrap',
      'porch/shell.window',
      'porch/rough.cable',
      'floor0/hold.electric',
      'floor0/hold.framing',
      'porch/insulate.batts',
      'porch/board.walls',
      'porch/paint.prime',
      'porch/floor.lay',
    ]);
  });

  it('an addition: from the strings to the break-through, its outside by the contract’s date', () => {
    expectInOrder('addition', [
      'house/site.locate',
      'family/base.layout',
      'family/base.dig',
      'family/hold.footing',
      'family/base.footing',
      'family/base.wall',
      'family/frame.joists',
      'family/structure.subfloor',
      'family/base.backfill',
      'family/frame.walls',
      'family/frame.roof',
      'family/frame.deck-roof',
      'family/roof.dry-in',
      'family/join.break-through',
      'family/rough.cable',
      'family/board.walls',
    ]);
    const [kept] = planned('addition').plan.demands;
    expect(kept?.daysLate).toBe(0);
    expect(kept?.jobsLeft).toBeGreaterThan(8);
  });

  it('outside: the deck stands before its roof, faces are wrapped in time, siding after windows, ground last', () => {
    expectInOrder('exterior', [
      'deck/hold.footing',
      'deck/deck.footing',
      'deck/deck.posts',
      'deck/deck.frame',
      'deck-roof/frame.roof',
      'deck-roof/roof.dry-in',
      'deck-roof/roof.cover',
    ]);
    expectInOrder('exterior', ['deck/hold.deck', 'deck/outside.deck', 'deck/outside.rail']);
    expectInOrder('exterior', [
      'back/shell.wrap',
      'living/shell.window',
      'back/outside.siding',
      'yard/outside.grade',
      'yard/outside.lawn',
    ]);
    expectInOrder('exterior', [
      'roof/roof.section',
      'roof/roof.cover',
      'roof/roof.ridge',
      'roof/shell.gutter',
    ]);
  });

  it('window to door: the unit is here, lines are moved, one day, then visit, patch and skin', () => {
    expectInOrder('wide-door', [
      'house/permit.apply',
      'living/opening.check',
      'living/opening.save',
      'living/opening.reroute',
      'living/opening.set',
      'floor0/hold.electric',
      'living/opening.patch',
      'living/trim.casing',
    ]);
    const { job } = planned('wide-door');
    expect(dateOf(job('living/opening.set').from)).toBe(dateOf(job('living/opening.set').to));
    expect(job('living/opening.set').shortfalls).toEqual([]);
  });

  it('two baths in turn: one works again before the other is opened, each with its own visit', () => {
    expectInOrder('two-baths', ['upper/fit.toilet', 'lower/demo.fixtures']);
    expectInOrder('two-baths', ['upper/fit.bath', 'lower/demo.fixtures']);
    const visits = planned('two-baths').plan.jobs.filter(
      ({ stepId }) => stepId === 'hold.plumbing',
    );
    expect(visits.map(({ id }) => id)).toHaveLength(2);
    expect(daysWithout(planned('two-baths').plan, houseOf(scope('two-baths')))).toEqual([]);
  });
});
