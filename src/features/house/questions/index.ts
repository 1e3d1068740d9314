export { Questions } from './Questions';
