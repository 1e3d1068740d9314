export {
  SCHOOLS,
  answerEvent,
  answerOf,
  type Answer,
  type QuestionId,
  type School,
} from './practices';
