export { heldTitle, heldWords, surfaceName } from './words';
