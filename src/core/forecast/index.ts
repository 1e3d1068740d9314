export { CAREFUL, forecastHouse, forecastSchema, type Doubt, type Forecast } from './forecast';
