export { readWalk } from './read';
