import {
  PRACTICE_OPTIONS,
  practiceChoiceSchema,
  type Path,
  type HouseFacts,
  type PracticeId,
  type PracticeOption,
} from '../../house';
import type { EventBodyOf } from '../../journal';

export type QuestionId = 'path' | PracticeId;
export type PracticeAnswer = Path | PracticeOption;

/** A question on which good builders disagree, what each answer is for, and which one is usual. */
export type Practice = {
  id: QuestionId;
  question: string;
  answers: readonly { id: PracticeAnswer; title: string; because: string }[];
  usual: (project: HouseFacts) => PracticeAnswer;
  usualBecause: string;
};

export const PRACTICES: readonly Practice[] = [
  {
    id: 'path',
    question: 'The path through the house',
    answers: [
      {
        id: 'trades',
        title: 'Trade by trade through the house',
        because: 'Each tool is set up once, and each trade comes once.',
      },
      {
        id: 'rooms',
        title: 'Room by room to its end',
        because: 'One room after another can be used, at the price of more set-ups.',
      },
      {
        id: 'core',
        title: 'A core to live in first, the rest in phases',
        because: 'What a first night and a life need goes before all else.',
      },
    ],
    usual: ({ house }) => (house.occupancy === 'lived-in' ? 'rooms' : 'trades'),
    usualBecause: 'Trade by trade in an empty house, room by room in one that is lived in.',
  },
  {
    id: 'shell',
    question: 'Shell or inside first',
    answers: [
      {
        id: 'dry-in-first',
        title: 'Dry-in first',
        because: 'Water undoes everything below it: roof, windows and doors go before the rest.',
      },
      {
        id: 'inside-first',
        title: 'Inside first, the outside in a later phase',
        because: 'You must move in, and the shell keeps the weather out as it is.',
      },
    ],
    usual: () => 'dry-in-first',
    usualBecause: 'Nothing inside is safe under a roof that leaks.',
  },
  {
    id: 'floors',
    question: 'Floors and cabinets',
    answers: [
      {
        id: 'cabinets-first',
        title: 'Cabinets, then the floor up to them',
        because: 'A floating floor must be free to move, and less of it is bought.',
      },
      {
        id: 'floor-first',
        title: 'Floor wall to wall, then cabinets',
        because: 'Appliances slide on one level, and the next kitchen may stand elsewhere.',
      },
    ],
    usual: () => 'cabinets-first',
    usualBecause: 'A floating floor pinned under cabinets buckles.',
  },
  {
    id: 'trim',
    question: 'Trim',
    answers: [
      {
        id: 'prefinish',
        title: 'Finish it loose, then install and touch up',
        because: 'Long boards are quick to paint on trestles.',
      },
      {
        id: 'in-place',
        title: 'Install it, then paint in place',
        because: 'No enamel to wait for, no nail holes to touch up; more masking.',
      },
    ],
    usual: () => 'prefinish',
    usualBecause: 'Painting on trestles takes about half the time of painting on one’s knees.',
  },
  {
    id: 'paint',
    question: 'Floors against paint',
    answers: [
      {
        id: 'paint-then-floors',
        title: 'Paint, then floors',
        because: 'Drips land on nothing dear.',
      },
      {
        id: 'last-coat-after-floors',
        title: 'First coats, floors, then the walls',
        because: 'The scuffs of floor laying vanish under the wall paint; the floor is masked.',
      },
    ],
    usual: () => 'paint-then-floors',
    usualBecause: 'A masked floor is never quite safe.',
  },
  {
    id: 'shelves',
    question: 'Beams and shelves',
    answers: [
      {
        id: 'bench',
        title: 'Build and finish on the bench, lift whole',
        because: 'Dust and finish stay out of the room.',
      },
      {
        id: 'in-place',
        title: 'Build in place',
        because: 'Nothing to carry or to scribe twice; dust in a painted room.',
      },
    ],
    usual: () => 'bench',
    usualBecause: 'A bench is flat, lit and at the right height.',
  },
];

/** How this house answers a question: as it was chosen, else as is usual. */
export function answerOf(
  project: Pick<HouseFacts, 'path' | 'schools' | 'house'>,
  id: QuestionId,
): PracticeAnswer {
  if (id === 'path') return project.path;
  const chosen = project.schools[id];
  const known: readonly string[] = PRACTICE_OPTIONS[id];
  return chosen !== undefined && known.includes(chosen)
    ? (chosen as PracticeAnswer)
    : (PRACTICE_OPTIONS[id][0] as PracticeAnswer);
}

/** The event that says so. */
export const answerEvent = (id: QuestionId, answer: PracticeAnswer): EventBodyOf =>
  id === 'path'
    ? { type: 'pathChosen', payload: { path: answer as Path } }
    : {
        type: 'schoolChosen',
        payload: practiceChoiceSchema.parse({ school: id, option: answer }),
      };
