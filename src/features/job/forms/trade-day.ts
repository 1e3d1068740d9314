import { bookedElsewhere, type JobId, type Project } from '@/core/house';
import { formatDate, isWeekend, type PlainDate } from '@/core/units';

/** Why a trade cannot come on a day, in words; undefined where it can. */
export function tradeDayFault(
  project: Project,
  trade: string,
  from: PlainDate | null,
  jobIds: readonly JobId[],
  titleOf: (id: JobId) => string,
): string | undefined {
  if (from === null) return undefined;
  if (isWeekend(from)) return `Trades come on weekdays; ${formatDate(from)} is not one.`;
  const other = bookedElsewhere(project, trade, from, jobIds);
  return (
    other && `They are booked for “${titleOf(other)}” that day. Give another, or move that one.`
  );
}
