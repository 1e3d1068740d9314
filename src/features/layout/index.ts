export { LayoutScreen } from './LayoutScreen';
