export { Answer } from './Answer';
export { FieldsForm, rawOf, standardsOf, type Typed } from './FieldsForm';
export { SumScreen } from './SumScreen';
export { SumsScreen } from './SumsScreen';
