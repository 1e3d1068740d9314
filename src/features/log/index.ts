export { LineEditor } from './LineEditor';
export { LogStrip } from './LogStrip';
export { WalkStrip } from './WalkStrip';
export { entryWords, type EntryWords } from './words';
