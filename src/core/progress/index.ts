export { effortLeft, progressOf, readProgress, type Progress } from './progress';
