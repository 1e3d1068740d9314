export { impactOf, isNoChange } from './impact';
export { simulatedReading, type MeasuringDevice, type Reading } from './laser';
export { measuringPass, type ToMeasure } from './pass';
