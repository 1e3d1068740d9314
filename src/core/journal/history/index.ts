export { actsOf, canBeTakenBack, thingsIn, type Act } from './acts';
export { sayEvent, subjectOf, type Names } from './kinds';
export { takingBack, undosOf, type TakenBack } from './take-back';
