import type { DayLog } from '../../house';
import { addDays, type PlainDate } from '../../units';
import type { LogContext } from './context';
import { readLine } from './read';

/** People tell an evening within a week or so. */
const LATEST = 9;

/** The day a kept line was said on; of an old one the first day from which its words lead to its own. */
export function saidOnOf(
  { date, line, saidOn }: Pick<DayLog, 'date' | 'line' | 'saidOn'>,
  context: LogContext,
): PlainDate {
  if (saidOn !== undefined) return saidOn;
  const days = Array.from({ length: LATEST }, (_, at) => addDays(date, at));
  return days.find((day) => readLine(line, context, date, [], day).date === date) ?? date;
}
