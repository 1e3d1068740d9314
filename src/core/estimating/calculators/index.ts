export {
  canPricesAt,
  cheapestCans,
  paintCans,
  priceOfCans,
  sayCans,
  sayRest,
  SMALLEST_CAN,
  type Can,
} from './cans';
export {
  askedFields,
  offeredIn,
  standardOf,
  readField,
  type Field,
  type FieldError,
  type Fields,
} from './field';
export { cornerLengths, hangRoom, type HangWay, type Hung } from './hang';
export {
  measuredArea,
  measuredLength,
  readable,
  rounded,
  sayArea,
  sayLength,
  unitWord,
  type Measured,
  type Takeoff,
  type TakeoffLine,
} from './line';
export {
  answerTakeoff,
  reportAreas,
  type Areas,
  type RequestError,
  type TakeoffAnswer,
} from './request';
export { sayFieldError, sayRequestError, sayRoomFault, saySumError, type Fault } from './say';
export {
  readFields,
  type Calculator,
  type CalculatorContext,
  type CalculatorError,
} from './calculator';
export { findCalculator, CALCULATORS } from './sums';
export { type WorkedOut } from './takeoff-schema';
