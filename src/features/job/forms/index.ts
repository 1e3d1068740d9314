export { DropForm } from './DropForm';
export { VisitForm } from './VisitForm';
export { circleWords } from './job-form';
export { useJobOptions } from './options';
export { DroppedJobs } from './DroppedJobs';
export { JobChanges } from './JobChanges';
export { tradeDayFault } from './trade-day';
