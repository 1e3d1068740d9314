export { ChoiceField, ManyField, PickField, TextField, TickField } from './fields';
export { FormCard } from './FormCard';
export { NO_SUCH_PLACE, WHOLE_HOUSE, WhereField, areThere, placeChosen } from './WhereField';
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
