/** What looks back over the whole scope and needs the step library for it: loaded on its own, when it is asked for. */
export { droppedWork, type Dropped } from './dropped';
export { scopeHistory, type ScopeDay } from './history';
