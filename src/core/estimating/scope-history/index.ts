export { droppedWork } from './dropped';
export { scopeHistory } from './history';
export { droppedSchema, scopeDaySchema, type Dropped, type ScopeDay } from './past-schema';
