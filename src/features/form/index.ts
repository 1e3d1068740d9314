export { ChoiceField, ManyField, PickField, TextField, TickField } from './fields';
export { FormCard } from './FormCard';
export { NO_SUCH_PLACE, areThere } from './place';
export {
  countField,
  dayField,
  moneyField,
  noteField,
  sumField,
  waitField,
  wordsField,
  workField,
  type Written,
} from './read';
export { useKeptForm, type Fault, type KeptForm } from './useKeptForm';
export { useWritten } from './useWritten';
