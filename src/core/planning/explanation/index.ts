export { causeOf, chainBack, type Because, type Cause } from './reasons';
export { sayCause, sayLoop } from './say';
