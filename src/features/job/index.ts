export { DateAsk } from './DateAsk';
export { FindJob } from './FindJob';
export { JobSlip } from './JobSlip';
export { JobStory } from './JobStory';
export { after, doneBy, notBefore } from './wishes';
export { effortWords, inSentence, momentWords, whenWords } from './words';
