export { RULES, type Rule, type Selector } from './rules';
export { linkJobs } from './link';
export {
  buildGraph,
  closureBefore,
  findLoop,
  withoutImplied,
  withoutJobs,
  type Graph,
  type Link,
} from './graph';
export { soonPairs } from './soon';
