import { idOf } from '../src/core/testing/ids';
import { contextOf, readLine } from '../src/core/log/reader';
import type { DayLog, Project } from '../src/core/house';
import { logJobs } from '../src/core/log/reader/log-jobs';
import { addDays } from '../src/core/units';

/** Milliseconds something takes. */
function timed(act: () => void): number {
  const start = performance.now();
  act();
  return performance.now() - start;
}

const DAYS = 5_000;
const JOBS = 400;
/** Two hundred letters, as they are said; the second without a sign. */
const LINES = [
  '2h30 me and 2h Ana taping back bedroom, second coat done, 1 bucket compound, $18.40 screws at Marl Timber, found rot at the sill, tomorrow call the inspector about the rough electrical in the kitchen ok',
  'two hours me painting the ceiling in the living then half an hour ana cleaning the kitchen and spent forty five dollars on screws and found some rot at the sill in the back bedroom and ordered tile due friday',
];

/** The house with its diary told over and over. */
function longDiary(project: Project): Project {
  const told = Object.values(project.days);
  const days = Array.from({ length: DAYS }, (_, at): DayLog => {
    const day = told[at % told.length];
    if (!day) throw new Error('no diary');
    return { ...day, id: idOf(`long-${at}`), date: addDays(project.house.firstDay, at % 365) };
  });
  return { ...project, days: Object.fromEntries(days.map((day) => [day.id, day])) };
}

/** A line read with 400 jobs and 5,000 days: per key, and what a plan costs once. */
export function eveningRows(project: Project): string[][] {
  const house = longDiary(project);
  const jobs = logJobs(project);
  const more = Array.from({ length: JOBS }, (_, at) => jobs[at % jobs.length]).filter(
    (job) => job !== undefined,
  );
  const today = addDays(project.house.firstDay, 400);
  const context = contextOf(house, more, today);
  const key = LINES.map((line) => {
    for (let warm = 0; warm < 40; warm += 1) readLine(line, context);
    const rounds = 50;
    const all = timed(() => {
      for (let round = 0; round < rounds; round += 1) readLine(line, context);
    });
    return (all / rounds).toFixed(1);
  });
  return [
    ['reading a log line', '200 letters, 400 jobs, 5,000 days', `${key.join(' and ')} ms`, ''],
    [
      'what lines are read by',
      'once a plan',
      `${timed(() => contextOf(house, more, today)).toFixed(0)} ms`,
      '',
    ],
  ];
}
