export { stageOfVisit } from './own-visit';
export { correctionsIn, correctionJobs } from './corrections';
export { inspectionStatuses, visitsLeftOut, type InspectionStatus } from './inspection-status';
export { officeAnswers, type OfficeAnswer } from './office';
