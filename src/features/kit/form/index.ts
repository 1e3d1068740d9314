export { ChoiceField, ManyField, PickField, TextField, TickField } from './fields';
export { DayRow } from './DayRow';
export { FormCard } from './FormCard';
export { NO_SUCH_PLACE, WHOLE_HOUSE, WhereField, areThere, placeChosen } from './WhereField';
export {
  countField,
  dayField,
  lengthField,
  moneyField,
  noteField,
  sumField,
  waitField,
  wordsField,
  workField,
  type Written,
} from './read';
export { useDoneDay } from './useDoneDay';
export { useKeptForm, type Fault, type KeptForm } from './useKeptForm';
export { useWritten } from './useWritten';
