export {
  canPricesAt,
  cheapestCans,
  paintCans,
  priceOfCans,
  sayCans,
  sayRest,
  SMALLEST_CAN,
} from './cans';
export { askedFields, offeredIn, standardOf, readField, type Field, type Fields } from './field';
export { hangRoom, type HangWay, type Hung } from './hang';
export { readable, sayLength, unitWord, type Takeoff, type TakeoffLine } from './line';
export { answerTakeoff } from './request';
export { sayFieldError, sayRequestError, saySumError } from './say';
export { readFields, type Calculator, type CalculatorError } from './calculator';
export { findCalculator, CALCULATORS } from './sums';
