export { DatedDaysForm, datedWords } from './DatedDaysForm';
