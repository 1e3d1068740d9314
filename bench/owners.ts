/** The forecast against owners whose lives it knows nothing of: how often each day holds, and where the plan lies. */
import { planningInputOf } from '../src/core/house';
import fc from 'fast-check';
import { drawFrom, prepareDraw } from '../src/core/planning/simulation/draw';
import { jobsOfGate } from '../src/core/planning/report';
import { seededRandom } from '../src/core/random';
import { planHouse } from '../src/core/planning/plan-house';
import { houseAfter, houseToLive, live, ownerOf } from '../src/core/testing/owners';
import { anyRenovation } from '../src/core/testing/renovations';
import { addDays, daysBetween, momentAt, plainDate, type PlainDate } from '../src/core/units';

const FIRST = plainDate('2026-03-02');
const MORNING = 8 * 60;
const NOW = momentAt(FIRST, MORNING);
const RUNS = 150;
const STAGES = { start: 0, quarter: 0.25, half: 0.5 } as const;

/** When the house was done, and what was said of it at some stage of the way. */
type Said = {
  end: PlainDate;
  planned: PlainDate;
  p10: PlainDate;
  p50: PlainDate;
  p80: PlainDate;
};

function livesOf(house: number, owners: number, seed: number) {
  const project = fc.sample(anyRenovation, { numRuns: house + 1, seed })[house];
  if (!project) throw new Error('no house was drawn');
  const planned = planHouse(planningInputOf(project), NOW, { schedules: 6 });
  if (!planned.ok) throw new Error(planned.error.code);
  const plan = planned.value;
  const toLive = houseToLive(project, plan);
  return Array.from({ length: owners }, (_, nth) => {
    const life = live(
      toLive,
      ownerOf(seed * 97 + house * owners + nth),
      seededRandom(house * 1_000 + nth),
    );
    const end = jobsOfGate(plan, 'done')
      .flatMap(({ id }) => life.doneOn.get(id) ?? [])
      .reduce((last, on) => (on > last ? on : last), FIRST);
    return (share: number): Said[] => {
      const until = addDays(FIRST, Math.round(daysBetween(FIRST, end) * share));
      const after = share === 0 ? project : houseAfter(project, plan, life, until);
      const now = share === 0 ? NOW : momentAt(addDays(until, 1), MORNING);
      const prepared = prepareDraw(planningInputOf(after), now);
      if (!prepared.ok) throw new Error(prepared.error.code);
      const { p10, p50, p80 } = drawFrom(prepared.value, { runs: RUNS }).gates.done;
      const { date } = prepared.value.plan.gates.done;
      return p10 && p50 && p80 && date ? [{ end, planned: date, p10, p50, p80 }] : [];
    };
  });
}

/** One row a stage: `houses` drawn from `seed`, each lived through by `owners`. */
export function ownersRows({ houses = 12, owners = 5, seed = 11 } = {}): string[][] {
  const lives = Array.from({ length: houses }, (_, house) => livesOf(house, owners, seed)).flat();
  return Object.entries(STAGES).map(([stage, share]) => {
    const said = lives.flatMap((sayAt) => sayAt(share));
    const part = (holds: (one: Said) => boolean) =>
      `${Math.round((100 * said.filter(holds).length) / Math.max(1, said.length))}%`;
    return [
      `owners' houses done by the day that was said, ${stage}`,
      `${said.length} lives, seed ${seed}`,
      `P80 ${part(({ end, p80 }) => end <= p80)}, P50 ${part(({ end, p50 }) => end <= p50)}`,
      `plan within its own P10 ${part(({ planned, p10 }) => planned >= p10)}`,
    ];
  });
}
