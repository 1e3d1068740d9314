export { MeasureScreen } from './MeasureScreen';
export { PassScreen } from './PassScreen';
