/** `npm run bench`: how long planning takes as the house grows, and what the first load weighs. */
import { planningInputOf } from '../src/core/house';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { forecastHouse } from '../src/core/planning/simulation';
import { readProjectFile } from '../src/core/files';
import { eveningRows } from './evening';
import { NOW, forecastRow, planningRows } from './planning';
import { ageRows } from './age';
import { blockingRows } from './blocking';
import { cuttingRows } from './cutting';
import { ownersRows } from './owners';
import { perturbationRows } from './perturbations';
import { drawnRows, schedulingRows } from './scheduling';
import { sumsRows } from './sums';

const RUNS = 5;

/** The median of some runs, in milliseconds. */
function timed(work: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const begin = performance.now();
    work();
    return performance.now() - begin;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)] ?? 0;
}

const rows: string[][] = [
  ['what', 'size', 'figure', 'beside it'],
  ...planningRows(),
  forecastRow(),
];

const demo = readProjectFile(readFileSync('demo/house.json', 'utf8'));
if (demo.ok) {
  const { project, clock } = demo.value;
  rows.push([
    'demo forecast',
    '',
    `${timed(() => forecastHouse(planningInputOf(project), clock ?? NOW)).toFixed(0)} ms`,
    '',
  ]);
  rows.push(...eveningRows(project), ...sumsRows(project));
}

rows.push(
  ...cuttingRows(),
  ...schedulingRows(),
  ...drawnRows(),
  ...ownersRows(),
  ...perturbationRows(),
);

const SCRIPTS = 'dist/_expo/static/js/web';
if (existsSync(SCRIPTS)) {
  // The scripts the page itself names: Today is in them.
  const page = readFileSync('dist/index.html', 'utf8');
  const zipped = (wanted: (name: string) => boolean) =>
    readdirSync(SCRIPTS)
      .filter(wanted)
      .reduce(
        (sum, name) => sum + gzipSync(readFileSync(`${SCRIPTS}/${name}`), { level: 9 }).length,
        0,
      );
  const kilobytes = (bytes: number) => `${(bytes / 1024).toFixed(0)} KB gzip`;
  const first = zipped((name) => name.endsWith('.js') && page.includes(name));
  rows.push(['first load: framework, shared code and Today', '', kilobytes(first), '']);
  rows.push([
    'planner worker, loaded later',
    '',
    kilobytes(zipped((name) => name.startsWith('planner') && name.endsWith('.js'))),
    '',
  ]);
}

async function main(): Promise<void> {
  if (existsSync(SCRIPTS)) rows.push(...(await blockingRows()), ...(await ageRows()));
  for (const row of rows) process.stdout.write(`| ${row.join(' | ')} |\n`);
}

void main();
