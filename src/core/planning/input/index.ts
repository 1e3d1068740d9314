export { unlogged } from './unlogged';
export { asPlanningInput, planningInputOf, withChanges } from './input';
export { changesBetween, withFieldChanges, type FieldChange, type InputChanges } from './changes';
export { inputChangesSchema, planningInputSchema } from './schema';
export { NOTHING_LOGGED, loggedIn, touchedOn } from '../../house/logged';
