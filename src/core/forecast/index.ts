/** The door for checks from outside (docs/interfaces.md); the forecast itself stands in planning/simulation. */
import { forProject } from '../house';
import * as simulation from '../planning/simulation';

export {
  SCREEN_RUNS,
  beside,
  daysLater,
  type Drawn,
  type DrawnGate,
  type Simulated as Foreseen,
} from '../planning/simulation';

/** The drawn forecast of a whole house: `runs` times by `seed`. */
export const drawForecast = forProject(simulation.drawForecast);
/** Forecast and draws of a whole house, in steps. */
export const foresee = forProject(simulation.simulate);
/** The forecast of a whole house: gates with likely and fairlySafe. */
export const forecastHouse = forProject(simulation.forecastHouse);
/** The same in steps: the first feasible plan's forecast at once. */
export const forecastInSteps = forProject(simulation.forecastInSteps);
