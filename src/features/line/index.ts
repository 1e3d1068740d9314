export { LineEditor } from './LineEditor';
export { lineReader } from './reading';
export { entryWords } from './words';
