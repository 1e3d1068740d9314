export { type Dropped, type ScopeDay } from './past-schema';
