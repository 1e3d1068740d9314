import { moment, dateOf, momentAt } from '../../src/core/units';
import { planningInputOf } from '../../src/core/house';
import { daysWithout, type Plan, type PlannedJob } from '../../src/core/planning/report';
import { planHouse } from '../../src/core/planning/plan-house';
import { FIRST_DAY, SCOPES, houseOf, type Scope } from './houses';

const HEAD = `# Scopes, planned

Eight made-up houses, each told in a sentence and planned from ${FIRST_DAY} on. Hours are person-hours; a trade or an
inspector has none. Read each list from top to bottom as a builder would. Made by \`npm run scopes\`; the houses stand in
\`tools/scopes/houses.ts\`, and a test holds this page to them.
`;

export function planOf(scope: Scope): Plan {
  const plan = planHouse(planningInputOf(houseOf(scope)), momentAt(FIRST_DAY, 8 * 60));
  if (!plan.ok) throw new Error(`${scope.id}: ${plan.error.code}`);
  return plan.value;
}

/** When work on it begins; what takes no time stands where it is let go. */
const beginOf = ({ stretches, start }: PlannedJob): number => stretches[0]?.from ?? start;

const hoursOf = ({ work, estimate }: PlannedJob): string => {
  if (work.kind === 'labour') return (estimate / 60).toFixed(1);
  return work.kind === 'subcontract' ? work.trade : 'visit';
};

function rowOf(scope: Scope, job: PlannedJob): string {
  const place = scope.rooms.find(({ id }) => id === job.placeId)?.name ?? 'House';
  const days = [dateOf(moment(beginOf(job))), dateOf(job.finish)];
  const shortfalls = job.shortfalls.length > 0 ? ` (${job.shortfalls.join(', ')})` : '';
  return `| ${days[0]} | ${days[1]} | ${place} | ${job.title}${shortfalls} | ${hoursOf(job)} |`;
}

function scopeAsText(scope: Scope): string {
  const plan = planOf(scope);
  const jobs = plan.jobs.toSorted((a, b) => beginOf(a) - beginOf(b) || a.stage - b.stage);
  const hours = plan.jobs.reduce((sum, { estimate }) => sum + estimate, 0) / 60;
  const without = daysWithout(plan, houseOf(scope)).map(
    ({ title, from, to, days, limit }) =>
      `Without ${title}: ${from} to ${to}, ${days} days (limit ${limit}).`,
  );
  const dates = plan.demands.map(({ finish, daysLate }) =>
    daysLate > 0
      ? `Date from outside: missed by ${daysLate} days.`
      : `Date from outside: kept, ${finish}.`,
  );
  return [
    `## ${scope.title}`,
    '',
    scope.says,
    '',
    `${plan.jobs.length} jobs, ${Math.round(hours)} person-hours, done ${plan.gates.done.date}.`,
    ...without,
    ...dates,
    '',
    '| begins | ends | place | job | hours |',
    '|-|-|-|-|-|',
    ...jobs.map((job) => rowOf(scope, job)),
    '',
  ].join('\n');
}

export const scopesAsText = (): string => [HEAD, ...SCOPES.map(scopeAsText)].join('\n');
