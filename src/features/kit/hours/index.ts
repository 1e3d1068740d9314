export { hoursField } from './field';
