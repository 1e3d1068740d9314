export { unlogged } from './unlogged';
export { withChanges } from './with-changes';
export { changesBetween, withFieldChanges } from './changes';
export { inputChangesSchema, planningInputSchema } from './schema';
