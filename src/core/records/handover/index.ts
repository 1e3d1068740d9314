export { handoverOf, type Handover, type ShutOff } from './handover';
