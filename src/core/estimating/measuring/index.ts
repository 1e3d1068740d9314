export { impactOf, isNoChange, type HoursChange, type Impact, type LineChange } from './impact';
export { simulatedReading, type MeasuringDevice, type Reading } from './laser';
export { measuringPass, type MeasuringPass, type ToMeasure } from './pass';
