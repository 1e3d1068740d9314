import { countWords } from '@/core/units';

/** "“Live here”: 3 days." Below nought the end is missed already. */
export function floatWords(days: number, name: string): string {
  if (days < 0) return `“${name}”: missed by ${countWords(-days, 'day')} already.`;
  return days === 0
    ? `“${name}”: not at all, a day late here is a day late there.`
    : `“${name}”: ${countWords(days, 'day')}.`;
}
