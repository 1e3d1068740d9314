export { weighOptions } from './weigh';
