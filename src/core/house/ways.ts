import type { Project } from './project';

export type DateOrder = 'day-first' | 'month-first';
export type NumberStyle = 'point' | 'comma';
export type Conventions = { dateOrder: DateOrder; numberStyle: NumberStyle };

/** How dates and numbers are written: as agreed, else as is usual with the currency. */
export const conventionsOf = ({
  ways,
  currency,
}: Pick<Project, 'ways' | 'currency'>): Conventions => ways ?? usualConventions(currency);

const usualConventions = (currency: Project['currency']): Conventions => ({
  dateOrder: currency === 'USD' ? 'month-first' : 'day-first',
  numberStyle: currency === 'EUR' ? 'comma' : 'point',
});
