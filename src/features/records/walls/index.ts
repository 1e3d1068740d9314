export { Missing } from './Missing';
export { heldTitle, heldWords } from './words';
