export { Belief, type Weighted } from './belief';
export { beta, normal } from './normal';
export { keptHours, type DaysWork, type KeptByPerson } from './kept-hours';
export { JOB_SPREAD, PACE_KINDS, Paces, paceKindOf } from './paces';
export { slipsOf, type Slip, type Slips } from './slips';
