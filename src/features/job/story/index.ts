export { DateAsk } from './DateAsk';
export { FindJob } from './FindJob';
export { JobActions } from './JobActions';
export { JobStory } from './JobStory';
export { after, doneBy, notBefore } from './wishes';
