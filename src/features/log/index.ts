export { LineEditor } from './LineEditor';
export { LogStrip } from './LogStrip';
export { entryWords, type EntryWords } from './words';
