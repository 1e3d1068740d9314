import { moment } from '@/core/units';
import { planningInputOf } from '@/core/house';
import { readFileSync } from 'node:fs';
import { readProjectFile } from '@/core/files';
import { planHouse } from '@/core/planning/plan-house';
import { boardModel } from './board-model';

const demo = (() => {
  const file = readProjectFile(readFileSync('demo/house.json', 'utf8'));
  if (!file.ok) throw new Error(file.error.code);
  const { project, clock } = file.value;
  const plan = planHouse(planningInputOf(project), clock ?? moment(0));
  if (!plan.ok) throw new Error(plan.error.code);
  return { project, plan: plan.value };
})();
const labelDays = (label: string) => label.length / 2;

describe('the week board', () => {
  const board = boardModel(demo.plan, demo.project.placeOrder, labelDays);

  it('holds every job that is not done, once, in the row of its place', () => {
    const open = demo.plan.jobs.filter(({ doneOn }) => doneOn === null);
    const shown = board.rows.flatMap(({ placeId, bars }) =>
      bars
        .filter(({ fixed }) => !fixed)
        .flatMap(({ jobs }) => jobs.map((job) => [job.id, placeId])),
    );
    expect(shown).toHaveLength(open.length);
    for (const job of open) expect(shown).toContainEqual([job.id, job.placeId]);
  });

  it('shows what is on its way on the day it is promised, what is late today', () => {
    const comes = board.rows.flatMap(({ bars }) =>
      bars.filter(({ key }) => key.endsWith(' comes')),
    );
    const orders = new Set(
      demo.plan.orders
        .filter(({ state }) => state === 'on-the-way' || state === 'late')
        .map(({ orderId }) => orderId),
    );
    expect(comes.length).toBeGreaterThanOrEqual(orders.size);
    expect(orders.size).toBeGreaterThan(1);
    for (const bar of comes) expect(bar.from).toBeGreaterThanOrEqual(board.todayAt);
  });

  it('shows every inspection by itself, as the hold point it is', () => {
    const visits = demo.plan.jobs.filter(
      ({ work, doneOn }) => work.kind === 'inspection' && doneOn === null,
    );
    const held = board.rows.flatMap(({ bars }) => bars.filter(({ hold, fixed }) => hold && !fixed));
    expect(held.map(({ jobs }) => jobs.map(({ id }) => id)).toSorted()).toEqual(
      visits.map(({ id }) => [id]).toSorted(),
    );
    expect(visits.length).toBeGreaterThan(2);
  });

  it('never lets a bar or its label run into the next one in its lane', () => {
    for (const { bars, lanes } of board.rows) {
      for (let lane = 0; lane < lanes; lane += 1) {
        const here = bars.filter((bar) => bar.lane === lane).toSorted((a, b) => a.from - b.from);
        here.slice(1).forEach((bar, at) => {
          const before = here[at];
          if (!before) return;
          const label = before.labelInside ? 0 : labelDays(before.label);
          expect(bar.from).toBeGreaterThanOrEqual(before.from + before.days + label);
        });
      }
    }
  });

  it('begins with this week’s Monday and reaches past the last label', () => {
    // The demo stands on Saturday 14 March 2026.
    expect([board.monday, board.todayAt]).toEqual(['2026-03-09', 5]);
    const ends = board.rows.flatMap(({ bars }) => bars.map((bar) => bar.from + bar.days));
    expect(board.weeks * 7).toBeGreaterThanOrEqual(Math.max(...ends));
  });
});
