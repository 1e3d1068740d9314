/** `npm run bench`: how long planning takes as the house grows, and what the first load weighs. */
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { drawForecast, forecastHouse } from '../src/core/forecast';
import { readProjectFile } from '../src/core/files';
import type { EventBodyOf, PlaceKind } from '../src/core/house';
import { readLine, contextOf } from '../src/core/log';
import { logJobs } from '../src/core/progress';
import { planHouse } from '../src/core/schedule';
import { worksFor } from '../src/core/steps';
import { added, chosen, houseOf, place } from '../src/core/testing/houses';
import { momentAt, plainDate } from '../src/core/units';
import { cuttingRows } from './cutting';
import { schedulingRows } from './scheduling';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const RUNS = 5;
const KINDS: readonly PlaceKind[] = ['bedroom', 'kitchen', 'bathroom', 'living', 'hall', 'laundry'];

/** A house of `rooms` rooms, each with the first four works offered for its kind. */
function houseWith(rooms: number) {
  const bodies = Array.from({ length: rooms }, (_, at): EventBodyOf[] => {
    const kind = KINDS[at % KINDS.length] ?? 'bedroom';
    const works = worksFor(kind).slice(0, 4);
    return [
      added(place(`r${at}`, kind, 10 + (at % 9))),
      ...works.map(({ id }) => chosen(`r${at}`, id)),
    ];
  });
  return houseOf(...bodies.flat());
}

/** The median of some runs, in milliseconds. */
function timed(work: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const begin = performance.now();
    work();
    return performance.now() - begin;
  });
  return times.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)] ?? 0;
}

const rows: string[][] = [['what', 'size', 'figure', 'of the smallest']];
let smallest = 0;
for (const rooms of [2, 5, 14, 34]) {
  const project = houseWith(rooms);
  const planned = planHouse(project, NOW);
  const size = planned.ok ? planned.value.jobs.length : 0;
  const spent = timed(() => planHouse(project, NOW));
  if (smallest === 0) smallest = spent / size;
  rows.push([
    'plan',
    `${size} jobs`,
    `${spent.toFixed(0)} ms`,
    `${(spent / size / smallest).toFixed(1)} x per job`,
  ]);
}

const large = houseWith(12);
const largePlan = planHouse(large, NOW);
const begin = performance.now();
drawForecast(large, NOW, { runs: 2_000 });
rows.push([
  'forecast, 2,000 drawn runs',
  `${largePlan.ok ? largePlan.value.jobs.length : 0} jobs`,
  `${(performance.now() - begin).toFixed(0)} ms`,
  '',
]);

const demo = readProjectFile(readFileSync('demo/house.json', 'utf8'));
if (demo.ok) {
  const { project, clock } = demo.value;
  const context = contextOf(project, logJobs(project), plainDate('2026-03-14'));
  const line =
    '2h30 me and 2h Ana taping back bedroom, second coat done, 1 bucket compound, $18.40 screws';
  rows.push([
    'demo forecast',
    '',
    `${timed(() => forecastHouse(project, clock ?? NOW)).toFixed(0)} ms`,
    '',
  ]);
  rows.push([
    'reading a log line',
    '',
    `${timed(() => readLine(line, context)).toFixed(1)} ms`,
    '',
  ]);
}

rows.push(...cuttingRows(), ...schedulingRows());

const SCRIPTS = 'dist/_expo/static/js/web';
if (existsSync(SCRIPTS)) {
  // The scripts the page itself names, and the chunks the router fetches for Today.
  const page = readFileSync('dist/index.html', 'utf8');
  const zipped = (wanted: (name: string) => boolean) =>
    readdirSync(SCRIPTS)
      .filter(wanted)
      .reduce(
        (sum, name) => sum + gzipSync(readFileSync(`${SCRIPTS}/${name}`), { level: 9 }).length,
        0,
      );
  const kilobytes = (bytes: number) => `${(bytes / 1024).toFixed(0)} KB gzip`;
  const first = zipped((name) => page.includes(name) || /^(today|_layout)-/.test(name));
  rows.push(['first load: framework, shared code and Today', '', kilobytes(first), '']);
  rows.push([
    'planner worker, loaded later',
    '',
    kilobytes(zipped((name) => name.startsWith('planner'))),
    '',
  ]);
}

for (const row of rows) process.stdout.write(`| ${row.join(' | ')} |\n`);
