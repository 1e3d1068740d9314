/** The door for checks from outside (docs/interfaces.md); the forecast itself stands in planning/simulation. */
import { forProject } from '../house';
import * as simulation from '../planning/simulation';

export {
  SCREEN_RUNS,
  beside,
  daysLater,
  type Drawn,
  type DrawnGate,
  type Foreseen,
} from '../planning/simulation';

export const drawForecast = forProject(simulation.drawForecast);
export const foresee = forProject(simulation.foresee);
export const forecastHouse = forProject(simulation.forecastHouse);
export const forecastInSteps = forProject(simulation.forecastInSteps);
