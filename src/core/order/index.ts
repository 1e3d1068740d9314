export { RULES, type Rule, type Selector } from './rules';
export { linkJobs, type Link } from './link';
export { buildGraph, closureBefore, findLoop, withoutImplied, type Graph } from './graph';
