import type { ComponentType } from 'react';
import type { Lesson, LogContext, Question, Reading } from '@/core/log/reader';
import type { Brought } from '@/core/log/reader/brought';
import type { Answer, DayLog, Entry, Project } from '@/core/house';
import type { PlainDate } from '@/core/units';
import type { RootState } from '@/store';
import type { Line } from './useLine';

/**
 * What reads lines and shows their slips. It comes behind the first screen, with the steps of the trade; until then the
 * strip takes letters and no more.
 */
export type LineReader = {
  readLine: (
    text: string,
    context: LogContext,
    day?: PlainDate,
    answers?: readonly Answer[],
    saidOn?: PlainDate,
  ) => Reading;
  saidOnOf: (day: Pick<DayLog, 'date' | 'line' | 'saidOn'>, context: LogContext) => PlainDate;
  settle: (reading: Reading) => { entries: Entry[]; open: Question[] };
  lessonsOf: (reading: Reading, answers: readonly Answer[], context: LogContext) => Lesson[];
  selectContext: (state: RootState) => LogContext;
  eventsOf: (
    entries: readonly Entry[],
    answers: readonly Answer[],
    project: Project,
    freshId: () => string,
    today: PlainDate,
  ) => Brought;
  Slips: ComponentType<{ line: Line }>;
};
