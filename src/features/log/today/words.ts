import { type Project, minutesOn } from '@/core/house';
import type { Evening, Fitted, Preparation, Tonight } from '@/core/log/today';
import { countWords, formatDate, formatMinutes, isWeekend, minutes } from '@/core/units';

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

/** The evening as the calendar has it. */
export function startOfEvening(project: Project, tonight: Tonight): Evening {
  const hours = (role: 'self' | 'helper') =>
    project.people
      .filter((person) => person.role === role)
      .reduce((most, person) => Math.max(most, minutesOn(person, tonight.date)), 0);
  return { mine: minutes(hours('self')), helper: minutes(hours('helper')), energy: 'usual' };
}

export const BECAUSE_WORDS: Record<Fitted['picks'][number]['because'], string> = {
  decides: 'decides the date',
  short: 'short',
  heavy: 'heavy, while you are strong',
  'same-room': 'in the same room',
  begun: 'begun already',
  ready: 'ready',
};

/** `2 jobs in one room, nothing heavy.` */
export function eveningWords({ picks, rooms }: Fitted, { energy }: Evening): string {
  if (picks.length === 0) {
    return energy === 'tired'
      ? 'Nothing light is ready. Rest; the plan bears it.'
      : 'Nothing that is ready fits these hours.';
  }
  const light = energy === 'tired' ? ', nothing heavy' : '';
  const together = picks.some(({ by }) => by === 'both') ? ', one of them with the helper' : '';
  const where = rooms === 1 ? 'in one room' : `in ${rooms} rooms`;
  return `${countWords(picks.length, 'job')} ${where}${light}${together}.`;
}

export function preparationWords({ have, fetch, hire }: Preparation): string {
  const named = (lines: Preparation['have']) =>
    lines.map(({ units, unit, what }) => `${countWords(units, unit)} of ${what.toLowerCase()}`);
  return [
    ...(fetch.length > 0 ? [`fetch ${named(fetch).join(', ')}`] : []),
    ...(have.length > 0 ? [`have ready ${named(have).join(', ')}`] : []),
    ...(hire ? [`hire the ${hire}`] : []),
  ].join('; ');
}
