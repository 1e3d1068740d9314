export { LogStrip } from './LogStrip';
export type { LineReader } from './reading';
