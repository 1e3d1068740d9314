export { stageOfVisit } from './own-visit';
export { correctionsIn, correctionJobs } from './corrections';
export { inspectionLadder, visitsLeftOut, type Rung } from './inspection-status';
export { officeAnswers, type OfficeAnswer } from './office';
