export { CAREFUL, forecastHouse } from './forecast';
