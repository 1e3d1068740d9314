export { RULES, type Rule, type Selector, type Strength } from './rules';
export { linkJobs, type RenewalSequence } from './link';
export {
  buildGraph,
  closureBefore,
  findLoop,
  withoutImplied,
  withoutJobs,
  type Graph,
  type Link,
} from './graph';
export { soonPairs, SOON_STEPS, type Soon } from './soon';
