export { FieldsForm, rawOf, standardsOf } from './FieldsForm';
