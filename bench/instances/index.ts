export { criticalPath, lowerBound, type Instance, type InstanceError } from './instance';
export { readSm } from './read-sm';
export { latestFinishPass, solve } from './solve';
