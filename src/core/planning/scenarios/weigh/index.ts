export { weighInSteps, weighOptions } from './weigh';
