export { FinishesScreen } from './FinishesScreen';
