/** The house's planner as houses grow: the first feasible plan, the improved one, and how well-founded its forecast is. */
import { drawFrom, prepareFrom } from '../src/core/planning/simulation/draw';
import { planningInputOf, type PlaceKind, type Project } from '../src/core/house';
import type { EventBodyOf } from '../src/core/journal';
import type { Plan } from '../src/core/planning/report';
import { planInSteps } from '../src/core/planning/plan-house';
import { worksFor } from '../src/core/trade/steps';
import { added, chosen, houseOf, place } from '../src/core/testing/houses';
import { daysBetween, momentAt, plainDate } from '../src/core/units';

export const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const KINDS: readonly PlaceKind[] = ['bedroom', 'kitchen', 'bathroom', 'living', 'hall', 'laundry'];
const RUNS = 3;

/** The events of a house of `rooms` rooms, each with the first four works offered for its kind. */
export const roomsOf = (rooms: number): EventBodyOf[] =>
  Array.from({ length: rooms }, (_, at): EventBodyOf[] => {
    const kind = KINDS[at % KINDS.length] ?? 'bedroom';
    return [
      added(place(`r${at}`, kind, 10 + (at % 9))),
      ...worksFor(kind)
        .slice(0, 4)
        .map(({ id }) => chosen(`r${at}`, id)),
    ];
  }).flat();

export const houseWith = (rooms: number): Project => houseOf(...roomsOf(rooms));

type Timed = { first: number; improved: number; from: Plan; to: Plan };

function timePlan(project: Project): Timed {
  const begin = performance.now();
  const steps = planInSteps(planningInputOf(project), NOW);
  const first = steps.next();
  const firstAt = performance.now() - begin;
  if (first.done || !first.value) throw new Error('no first plan');
  for (;;) {
    const step = steps.next();
    if (!step.done) continue;
    if (!step.value.ok) throw new Error(step.value.error.code);
    return {
      first: firstAt,
      improved: performance.now() - begin,
      from: first.value,
      to: step.value.value,
    };
  }
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const days = (plan: Plan) => plan.gates.live.date ?? plainDate('2026-01-05');

export function planningRows(): string[][] {
  const rows: string[][] = [];
  let smallest = 0;
  for (const rooms of [1, 4, 12, 31]) {
    const project = houseWith(rooms);
    const timed = Array.from({ length: RUNS }, () => timePlan({ ...project }));
    const [last] = timed;
    if (!last) continue;
    const size = last.to.jobs.length;
    const first = median(timed.map((each) => each.first));
    const improved = median(timed.map((each) => each.improved));
    if (smallest === 0) smallest = first / size;
    const sooner = daysBetween(days(last.to), days(last.from));
    rows.push([
      'first feasible plan; improved plan',
      `${size} jobs`,
      `${first.toFixed(0)} ms; ${improved.toFixed(0)} ms`,
      `first ${(first / size / smallest).toFixed(1)} x per job; living there ${sooner} days sooner by the search`,
    ]);
  }
  return rows;
}

export function forecastRow(): string[] {
  const project = houseWith(12);
  const { to } = timePlan(project);
  const prepared = prepareFrom(planningInputOf(project), NOW, to);
  if (!prepared.ok) throw new Error(prepared.error.code);
  const begin = performance.now();
  drawFrom(prepared.value, { runs: 2_000 });
  const spent = performance.now() - begin;
  return ['forecast, 2,000 drawn runs', `${to.jobs.length} jobs`, `${spent.toFixed(0)} ms`, ''];
}
