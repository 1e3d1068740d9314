export { DateAsk } from './DateAsk';
export { JobSlip } from './JobSlip';
export { JobStory } from './JobStory';
export { effortWords, momentWords, whenWords } from './words';
