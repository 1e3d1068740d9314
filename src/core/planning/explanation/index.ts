export { causeOf, chainBack, type Because, type Cause } from './reasons';
export { floatsOf, type Float } from './floats';
export { gateMoved, whyMoved, type Difference, type Why } from './moved';
export { sharedWith, type Shared } from './shared';
export { GATE_NAMES, sayCause, sayWhy } from './say';
export { sayLoop } from './loop';
