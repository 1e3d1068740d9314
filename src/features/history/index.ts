export { TakeBack } from './TakeBack';
