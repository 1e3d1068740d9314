export { TakeBack } from './TakeBack';
export { useNames } from './useNames';
