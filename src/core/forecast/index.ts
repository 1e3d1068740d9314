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

export const drawForecast = forProject(simulation.drawForecast);
export const foresee = forProject(simulation.simulate);
export const forecastHouse = forProject(simulation.forecastHouse);
export const forecastInSteps = forProject(simulation.forecastInSteps);
