export { slotName } from './words';
