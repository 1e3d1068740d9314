export { daysLater } from './difference';
export {
  SCREEN_RUNS,
  beside,
  betterInSteps,
  foresee,
  forecastHouse,
  forecastInSteps,
  type Foreseen,
} from './forecast';
export { drawForecast, type Drawn, type DrawnGate } from './draw';
