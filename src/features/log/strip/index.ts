export { Chip } from './Chip';
export { LogStrip } from './LogStrip';
export { markOf } from './marks';
export type { LineReader } from './reader';
export { useLine, type Line } from './useLine';
export { useWhenRead } from './useWhenRead';
