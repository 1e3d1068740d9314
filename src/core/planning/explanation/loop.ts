import type { PlanError } from '../report/plan';

/** A ring of jobs that wait for each other, each with the rule that sends it round. */
export const sayLoop = ({ titles, whys }: Extract<PlanError, { code: 'loop' }>): string =>
  titles
    .map((title, at) => {
      const next = titles[(at + 1) % titles.length] ?? '';
      return `“${title}” before “${next}”: ${whys[at] ?? ''}`;
    })
    .join(' ');
