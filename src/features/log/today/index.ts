export { ForecastLine } from './ForecastLine';
export { doubtWords, forecastTape } from './forecast-tape';
