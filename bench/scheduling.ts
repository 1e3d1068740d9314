/** The general scheduler on the published kind of instances, against optimum, critical path and one plain pass. */
import { readFileSync } from 'node:fs';
import {
  criticalPath,
  latestFinishPass,
  readSm,
  solve,
  type Instance,
} from '../src/core/planning/instances';

const FOLDER = 'bench/rcpsp';
type Known = { optimal?: number; best?: number; criticalPath: number };
type Case = { size: number; instance: Instance; known: Known };

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
  for (const size of [30, 60, 120]) {
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
      const found = here.map((each) => ({
        each,
        makespan: solve(each.instance, { schedules, seed: 1 }).makespan,
      }));
      const ms = (performance.now() - begin) / here.length;
      const above = mean(found.map(({ each, makespan }) => makespan / against(each) - 1));
      const best = mean(
        found.map(
          ({ each: { known }, makespan }) => makespan / (known.optimal ?? known.best ?? 1) - 1,
        ),
      );
      rows.push([
        `${size} jobs above the ${size === 30 ? 'optimum' : 'critical path'}, ${schedules.toLocaleString('en-US')} schedules`,
        `${here.length} instances`,
        `${percent(above)}, ${ms.toFixed(0)} ms each`,
        `one latest-finish pass ${percent(plain)}; above the best known ${percent(best)}`,
      ]);
    }
  }
  return rows;
}
