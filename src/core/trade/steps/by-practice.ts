import type { HouseFacts } from '../../house';
import { answerOf, type PracticeAnswer, type QuestionId } from '../practices';
import type { Step } from './step';

/** What an answer other than the usual one makes of a step. Factors are starting guesses. */
type Variant = {
  practice: QuestionId;
  answer: PracticeAnswer;
  title: string;
  /** Of the hours. */
  factor: number;
  waitHours?: number;
};

const VARIANTS: Readonly<Record<string, Variant>> = {
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

/** A step as the practices of this house have it. */
export function byPractice(step: Step, project: HouseFacts): Step {
  const variant = VARIANTS[step.id];
  if (!variant || answerOf(project, variant.practice) !== variant.answer) return step;
  const { work, wait } = step;
  return {
    ...step,
    title: variant.title,
    work:
      work.kind === 'labour'
        ? { ...work, minutes: Math.round(work.minutes * variant.factor) as typeof work.minutes }
        : work,
    ...(wait ? { wait: { ...wait, hours: variant.waitHours ?? wait.hours } } : {}),
  };
}
