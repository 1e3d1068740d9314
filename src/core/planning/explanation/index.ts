export { causeOf, chainBack } from './reasons';
export { floatsOf } from './floats';
export { gateMoved, whyMoved, type Why } from './moved';
export { sharedWith } from './shared';
export { GATE_NAMES, sayCause, sayWhy } from './say';
export { sayLoop } from './loop';
