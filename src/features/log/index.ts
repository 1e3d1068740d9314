export { LineEditor } from './LineEditor';
export { LogStrip } from './LogStrip';
export { LazyWalkStrip as WalkStrip } from './LazyWalkStrip';
export { entryWords, type EntryWords } from './words';
