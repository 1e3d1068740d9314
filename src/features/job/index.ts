export { DateAsk } from './DateAsk';
export { JobSlip } from './JobSlip';
export { JobStory } from './JobStory';
export { doneBy, notBefore } from './wishes';
export { effortWords, inSentence, momentWords, whenWords } from './words';
