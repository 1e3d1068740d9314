import { hashOf, seededRandom } from '../../random';
import { addDays, weekdayOf, type PlainDate } from '../../units';
import type { InspectionStatus } from './inspection-status';

/** What the made-up building office says of one visit: whether it asks for it, and the first day it could come. */
export type OfficeAnswer = { jobId: string; title: string; isAsked: boolean; firstDay: PlainDate };

const SATURDAY = 5;
/** Of ten visits it waives one, to show how that is. */
const WAIVES = 0.1;

function nextWorkday(day: PlainDate): PlainDate {
  const over = weekdayOf(day) - SATURDAY;
  return over < 0 ? day : addDays(day, 2 - over);
}

/**
 * The simulated building office of the demo: answers for each visit that has not passed, the same for the same house on
 * the same day. It only answers; nothing it says is kept by itself.
 */
export function officeAnswers(
  rungs: readonly Pick<InspectionStatus, 'job' | 'state'>[],
  today: PlainDate,
): OfficeAnswer[] {
  return rungs
    .filter(({ state }) => state !== 'passed')
    .map(({ job }) => {
      const random = seededRandom(hashOf(`${job.id} ${today}`));
      const ahead = job.work.kind === 'inspection' ? job.work.bookAheadDays : 0;
      const isAsked = random() >= WAIVES;
      const firstDay = nextWorkday(addDays(today, ahead + Math.floor(random() * 4)));
      return { jobId: job.id, title: job.title, isAsked, firstDay };
    });
}
