import { z } from 'zod';
import { jobIdSchema } from '../../house/entries';
import { heldUntilSchema, overruleSchema, ownRuleSchema, pairKey } from '../../house/moves';
import { defineEvent } from './define';

export const jobHeldUntil = defineEvent({
  type: 'jobHeldUntil',
  payload: heldUntilSchema,
  apply: (house, { jobId, on }) => {
    house.notBefore[jobId] = on;
  },
});

export const jobLetGo = defineEvent({
  type: 'jobLetGo',
  payload: z.object({ jobId: jobIdSchema }),
  apply: (house, { jobId }) => {
    delete house.notBefore[jobId];
  },
});

export const ruleAdded = defineEvent({
  type: 'ruleAdded',
  payload: ownRuleSchema,
  apply: (house, rule) => {
    house.ownRules[rule.id] = rule;
  },
});

export const ruleTakenBack = defineEvent({
  type: 'ruleTakenBack',
  payload: z.object({ id: z.string().min(1).max(64) }),
  apply: (house, { id }) => {
    delete house.ownRules[id];
  },
});

export const ruleOverruled = defineEvent({
  type: 'ruleOverruled',
  payload: overruleSchema,
  apply: (house, { before, after, because }) => {
    house.overruled[pairKey(before, after)] = because;
  },
});

export const ruleRestored = defineEvent({
  type: 'ruleRestored',
  payload: overruleSchema.omit({ because: true }),
  apply: (house, { before, after }) => {
    delete house.overruled[pairKey(before, after)];
  },
});
