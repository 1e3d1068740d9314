export { unlogged } from './unlogged';
export { withChanges } from './with-changes';
export { changesBetween, withFieldChanges, type FieldChange, type InputChanges } from './changes';
export { inputChangesSchema, planningInputSchema } from './schema';
