export { ForecastLine } from './ForecastLine';
export { forecastTape } from './forecast-tape';
