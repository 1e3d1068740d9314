import type { Project } from '@/core/house';
import { minutesOn } from '@/core/house';
import type { Tonight } from '@/core/today';
import { formatDate, formatMinutes, isWeekend } from '@/core/units';

/** "3h this evening, and Ana 2h". */
export function titleWords(project: Project, tonight: Tonight): string {
  const part = isWeekend(tonight.date) ? 'today' : 'this evening';
  if (tonight.available === 0) {
    return tonight.nextWorkday
      ? `Nothing planned today; next is ${formatDate(tonight.nextWorkday)}`
      : 'Nobody has hours this week';
  }
  const here = project.people
    .map((person) => ({ ...person, minutes: minutesOn(person, tonight.date) }))
    .filter(({ minutes }) => minutes > 0);
  const own = here.find(({ role }) => role === 'self');
  const others = here.filter((person) => person !== own);
  const helpers = others.map(({ name, minutes }) => `${name} ${formatMinutes(minutes)}`).join(', ');
  if (!own) return `${helpers} ${part}`;
  const mine = `${formatMinutes(own.minutes)} ${part}`;
  return helpers === '' ? mine : `${mine}, and ${helpers}`;
}
