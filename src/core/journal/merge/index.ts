export { meetingsOf, takenBackBy, wantsSettling, type Meeting, type Settling } from './meet';
export { differenceOf, isSameHouse, unite, type Difference } from './unite';
