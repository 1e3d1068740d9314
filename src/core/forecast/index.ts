export { SCREEN_RUNS, forecastHouse } from './forecast';
export { drawForecast, type Drawn, type DrawnGate } from './draw';
