export { surfaceName } from './words';
