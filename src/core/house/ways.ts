import type { Project } from './project';

export type DateOrder = 'day-first' | 'month-first';
export type NumberStyle = 'point' | 'comma';
export type Ways = { dateOrder: DateOrder; numberStyle: NumberStyle };

/** How dates and numbers are written: as agreed, else as is usual with the currency. */
export const waysOf = ({ ways, currency }: Pick<Project, 'ways' | 'currency'>): Ways =>
  ways ?? usualWays(currency);

export const usualWays = (currency: Project['currency']): Ways => ({
  dateOrder: currency === 'USD' ? 'month-first' : 'day-first',
  numberStyle: currency === 'EUR' ? 'comma' : 'point',
});
