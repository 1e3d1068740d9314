export { Missing } from './Missing';
export { heldTitle, heldWords, surfaceName } from './words';
