export {
  PRACTICES,
  answerEvent,
  answerOf,
  type PracticeAnswer,
  type QuestionId,
  type Practice,
} from './practices';
