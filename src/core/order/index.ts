export { RULES, type Rule, type Selector } from './rules';
export { linkJobs } from './link';
export {
  buildGraph,
  closureBefore,
  findLoop,
  withoutImplied,
  type Graph,
  type Link,
} from './graph';
