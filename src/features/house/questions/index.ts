export { QuestionForm } from './QuestionForm';
export { Questions } from './Questions';
