export { LineEditor } from './LineEditor';
export { lineReader } from './reading';
export { entryWords, jobPlace, jobTitle } from './words';
