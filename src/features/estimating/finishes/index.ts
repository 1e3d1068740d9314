export { slotName } from './words';
export { FinishesScreen } from './FinishesScreen';
