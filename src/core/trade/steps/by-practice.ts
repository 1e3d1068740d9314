import type { HouseFacts } from '../../house';
import { answerOf, type PracticeAnswer, type QuestionId } from '../practices';
import type { Step } from './step';

/** What an answer other than the usual one makes of a step. Factors are starting guesses. */
type Turn = {
  practice: QuestionId;
  answer: PracticeAnswer;
  title: string;
  /** Of the hours. */
  factor: number;
  waitHours?: number;
};

const TURNS: Readonly<Record<string, Turn>> = {
  'trim.prefinish': {
    practice: 'trim',
    answer: 'in-place',
    title: 'Prime the trim loose',
    factor: 0.4,
    waitHours: 4,
  },
  'trim.base': {
    practice: 'trim',
    answer: 'in-place',
    title: 'Fix the base and paint it in place',
    factor: 1.9,
  },
  'last.coat': {
    practice: 'paint',
    answer: 'last-coat-after-floors',
    title: 'Last coat over a masked floor',
    factor: 1.2,
  },
  'cabinets.shelves': {
    practice: 'shelves',
    answer: 'in-place',
    title: 'Build the shelves in place, masked off',
    factor: 1.2,
  },
};

/** A step as this house's schools have it. */
export function byPractice(step: Step, project: HouseFacts): Step {
  const turn = TURNS[step.id];
  if (!turn || answerOf(project, turn.practice) !== turn.answer) return step;
  const { work, wait } = step;
  return {
    ...step,
    title: turn.title,
    work:
      work.kind === 'labour'
        ? { ...work, minutes: Math.round(work.minutes * turn.factor) as typeof work.minutes }
        : work,
    ...(wait ? { wait: { ...wait, hours: turn.waitHours ?? wait.hours } } : {}),
  };
}
