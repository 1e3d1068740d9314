export { doubtWords } from './forecast-tape';
