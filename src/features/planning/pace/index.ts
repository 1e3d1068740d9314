export { jobPaceWords } from './words';
