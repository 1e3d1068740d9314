/**
 * The general scheduler on the published kind of instances, against optimum, critical path and one plain pass; and on
 * drawn ones that nothing was made on.
 */
import { readFileSync } from 'node:fs';
import { criticalPath, latestFinishPass, readSm, solve, type Instance } from './instances';
import { drawnInstances } from './instances/drawn-instances';

const FOLDER = 'bench/rcpsp';
type Known = { optimal?: number; best?: number; criticalPath: number };
type Case = { size: number; instance: Instance; known: Known };

/** Few instances say little with one seed: their rows are means of so many. */
const SEEDS = { 30: 1, 60: 20, 120: 20 } as const;

const percent = (share: number) => `${(share * 100).toFixed(2)}%`;
const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

function cases(): Case[] {
  const best = JSON.parse(readFileSync(`${FOLDER}/best.json`, 'utf8')) as Record<string, Known>;
  return Object.entries(best).map(([name, known]) => {
    const read = readSm(readFileSync(`${FOLDER}/${name}.sm`, 'utf8'));
    if (!read.ok) throw new Error(`${name}: ${read.error.code}`);
    return { size: Number(/^d(\d+)/.exec(name)?.[1]), instance: read.value, known };
  });
}

const lengthOf = ({ durations }: Instance, starts: readonly number[]) =>
  Math.max(...starts.map((start, job) => start + (durations[job] ?? 0)));

export function schedulingRows(budgets: readonly number[] = [1_000, 5_000]): string[][] {
  const all = cases();
  const rows: string[][] = [];
  for (const size of [30, 60, 120] as const) {
    const here = all.filter((each) => each.size === size);
    const against = ({ instance, known }: Case) =>
      size === 30 ? (known.optimal ?? 0) : criticalPath(instance);
    const plain = mean(
      here.map(
        (each) => lengthOf(each.instance, latestFinishPass(each.instance)) / against(each) - 1,
      ),
    );
    for (const schedules of budgets) {
      const begin = performance.now();
      const found = here.flatMap((each) =>
        Array.from({ length: SEEDS[size] }, (_, at) => ({
          each,
          makespan: solve(each.instance, { schedules, seed: at + 1 }).makespan,
        })),
      );
      const ms = (performance.now() - begin) / found.length;
      const above = mean(found.map(({ each, makespan }) => makespan / against(each) - 1));
      const best = mean(
        found.map(
          ({ each: { known }, makespan }) => makespan / (known.optimal ?? known.best ?? 1) - 1,
        ),
      );
      rows.push([
        `${size} jobs above the ${size === 30 ? 'optimum' : 'critical path'}, ${schedules.toLocaleString('en-US')} schedules`,
        `${here.length} instances${SEEDS[size] > 1 ? `, ${SEEDS[size]} seeds` : ''}`,
        `${percent(above)}, ${ms.toFixed(0)} ms each`,
        `one latest-finish pass ${percent(plain)}; above the best known ${percent(best)}`,
      ]);
    }
  }
  return rows;
}

/** How scarce resources are in the drawn instances of each size, in turn; by how the published sets are made. */
const STRENGTHS = { 60: [0.2, 0.5, 0.7], 120: [0.1, 0.2, 0.3, 0.4, 0.5] };
const DRAWN = { count: 24, seed: 20_261_129, seeds: 5 };

export function drawnRows(schedules = 5_000): string[][] {
  return ([60, 120] as const).map((size) => {
    const here = drawnInstances(size, STRENGTHS[size], DRAWN.count, DRAWN.seed);
    const above = (makespan: (instance: Instance) => number) =>
      mean(here.map((instance) => makespan(instance) / criticalPath(instance) - 1));
    const bySeed = Array.from({ length: DRAWN.seeds }, (_, at) =>
      above((instance) => solve(instance, { schedules, seed: at + 1 }).makespan),
    );
    const plain = above((instance) => lengthOf(instance, latestFinishPass(instance)));
    return [
      `${size} jobs drawn, above the critical path, ${schedules.toLocaleString('en-US')} schedules`,
      `${DRAWN.count} instances`,
      percent(mean(bySeed)),
      `${DRAWN.seeds} seeds: ${bySeed.map(percent).join(', ')}; one latest-finish pass ${percent(plain)}`,
    ];
  });
}
