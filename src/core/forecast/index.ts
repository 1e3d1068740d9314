/** The door for checks from outside (docs/interfaces.md); the forecast itself stands in planning/simulation. */
export {
  SCREEN_RUNS,
  beside,
  daysLater,
  drawForecast,
  foresee,
  forecastHouse,
  forecastInSteps,
  type Drawn,
  type DrawnGate,
  type Foreseen,
} from '../planning/simulation';
