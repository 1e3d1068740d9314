export { daysLater } from './difference';
export {
  SCREEN_RUNS,
  beside,
  betterInSteps,
  simulate,
  forecastHouse,
  forecastInSteps,
  type Simulated,
} from './forecast';
export { drawForecast, type Drawn, type DrawnGate } from './draw';
