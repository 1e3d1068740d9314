import { z } from 'zod';
import { jobIdSchema } from '../../house/entries';
import { heldUntilSchema, overruleSchema, ownRuleSchema, pairKey } from '../../house/moves';
import { defineEvent } from './define';
import { omit } from './omit';

export const jobHeldUntil = defineEvent({
  type: 'jobHeldUntil',
  payload: heldUntilSchema,
  apply: (project, { jobId, on }) => ({
    ...project,
    notBefore: { ...project.notBefore, [jobId]: on },
  }),
});

export const jobLetGo = defineEvent({
  type: 'jobLetGo',
  payload: z.object({ jobId: jobIdSchema }),
  apply: (project, { jobId }) => ({ ...project, notBefore: omit(project.notBefore, jobId) }),
});

export const ruleAdded = defineEvent({
  type: 'ruleAdded',
  payload: ownRuleSchema,
  apply: (project, rule) => ({ ...project, ownRules: { ...project.ownRules, [rule.id]: rule } }),
});

export const ruleTakenBack = defineEvent({
  type: 'ruleTakenBack',
  payload: z.object({ id: z.string().min(1).max(64) }),
  apply: (project, { id }) => ({ ...project, ownRules: omit(project.ownRules, id) }),
});

export const ruleOverruled = defineEvent({
  type: 'ruleOverruled',
  payload: overruleSchema,
  apply: (project, overrule) => ({
    ...project,
    overruled: {
      ...project.overruled,
      [pairKey(overrule.before, overrule.after)]: overrule.because,
    },
  }),
});

export const ruleRestored = defineEvent({
  type: 'ruleRestored',
  payload: overruleSchema.omit({ because: true }),
  apply: (project, { before, after }) => ({
    ...project,
    overruled: omit(project.overruled, pairKey(before, after)),
  }),
});
