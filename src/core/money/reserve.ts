import { surveyIdOf, type Project } from '../house';
import { startingRisk } from '../survey/risk';
import { addDays, cents, mondayOf, type Cents, type PlainDate } from '../units';
import { paymentsOf } from './ledger';

const DAYS_OF_WEEK = 7;

/** Contingency left at the end of a week, and what was suspected and not settled by then, on average. */
export type ReserveWeek = { monday: PlainDate; left: Cents; unknowns: Cents };

/** What suspicions noted by a day and not settled on it may cost, chance by chance. */
function unknownsOn(project: Project, on: PlainDate): Cents {
  const open = Object.values(project.surveys).filter((survey) => {
    const settled = project.settlements[surveyIdOf(survey)]?.on;
    return survey.suspicion !== null && survey.on <= on && (settled === undefined || settled > on);
  });
  return cents(
    open.reduce((sum, { suspicion, risk }) => {
      const known = risk ?? (suspicion === null ? null : startingRisk(suspicion));
      return known ? sum + (known.chance / 100) * ((known.cents.low + known.cents.high) / 2) : sum;
    }, 0),
  );
}

/** Week by week from the first day of work to today: what is left of the contingency, against what is still unknown. */
export function reserveWeeks(project: Project, today: PlainDate): ReserveWeek[] {
  if (!project.budget) return [];
  const drawn = paymentsOf(project).filter(({ drawsOn }) => drawsOn === 'contingency');
  const weeks: ReserveWeek[] = [];
  const last = mondayOf(today);
  for (let monday = mondayOf(project.house.firstDay); monday <= last;) {
    const sunday = addDays(monday, DAYS_OF_WEEK - 1);
    const spent = drawn.reduce((sum, paid) => (paid.date <= sunday ? sum + paid.cents : sum), 0);
    weeks.push({
      monday,
      left: cents(project.budget.contingency - spent),
      unknowns: unknownsOn(project, sunday < today ? sunday : today),
    });
    monday = addDays(monday, DAYS_OF_WEEK);
  }
  return weeks;
}
