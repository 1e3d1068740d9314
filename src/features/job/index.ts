export { DateAsk } from './DateAsk';
export { JobSlip } from './JobSlip';
export { JobStory } from './JobStory';
export { effortWords, inSentence, momentWords, whenWords } from './words';
