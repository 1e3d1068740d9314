export { SCREEN_RUNS, forecastHouse, forecastInSteps } from './forecast';
export { drawForecast, type Drawn, type DrawnGate } from './draw';
