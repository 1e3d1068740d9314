export { handoverOf } from './handover';
