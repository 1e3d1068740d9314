import { daysInOrder, type DayLog, type Project } from '../house';
import { addCents, cents, minutes, type Cents, type Minutes, type PlainDate } from '../units';

/** One day of the diary: its lines, the hours of everybody and the money, added up. */
export type DiaryPage = { date: PlainDate; logs: DayLog[]; minutes: Minutes; spent: Cents };

const hoursOf = (day: DayLog): number =>
  day.entries.reduce((sum, entry) => sum + (entry.kind === 'hours' ? entry.minutes : 0), 0);

const spentOn = (day: DayLog): Cents[] =>
  day.entries.flatMap((entry) =>
    entry.kind === 'money' ? entry.shares.map((share) => share.cents) : [],
  );

/** The diary, newest day first; lines of one day stay in the order they were kept. */
export function diaryOf(project: Project): DiaryPage[] {
  const pages = new Map<PlainDate, DiaryPage>();
  for (const day of daysInOrder(project)) {
    const page = pages.get(day.date) ?? {
      date: day.date,
      logs: [],
      minutes: minutes(0),
      spent: cents(0),
    };
    pages.set(day.date, {
      ...page,
      logs: [...page.logs, day],
      minutes: minutes(page.minutes + hoursOf(day)),
      spent: addCents([page.spent, ...spentOn(day)]),
    });
  }
  return [...pages.values()].toReversed();
}
