export { Answer } from './Answer';
export { FieldsForm, rawOf, standardsOf, type Typed } from './FieldsForm';
