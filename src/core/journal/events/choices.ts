import { z } from 'zod';
import {
  decisionRecordSchema,
  deferralKey,
  deferralSchema,
  hireSchema,
  outsideRestSchema,
  pathSchema,
  schoolChoiceSchema,
} from '../../house/choices';
import { jobIdSchema } from '../../house/entries';
import { defineEvent } from './define';
import { omit } from './omit';

export const jobHired = defineEvent({
  type: 'jobHired',
  payload: hireSchema,
  apply: (project, hire) => ({ ...project, hired: { ...project.hired, [hire.jobId]: hire } }),
});

/** Done by oneself after all. */
export const jobTakenBack = defineEvent({
  type: 'jobTakenBack',
  payload: z.object({ jobId: jobIdSchema }),
  apply: (project, { jobId }) => ({ ...project, hired: omit(project.hired, jobId) }),
});

export const workDeferred = defineEvent({
  type: 'workDeferred',
  payload: deferralSchema,
  apply: (project, { placeId, workId, deferred }) => {
    const key = deferralKey(placeId, workId);
    return {
      ...project,
      deferred: deferred
        ? { ...project.deferred, [key]: true as const }
        : omit(project.deferred, key),
    };
  },
});

export const pathChosen = defineEvent({
  type: 'pathChosen',
  payload: z.object({ path: pathSchema }),
  apply: (project, { path }) => ({ ...project, path }),
});

export const schoolChosen = defineEvent({
  type: 'schoolChosen',
  payload: schoolChoiceSchema,
  apply: (project, { school, option }) => ({
    ...project,
    schools: { ...project.schools, [school]: option },
  }),
});

export const outsideRestAgreed = defineEvent({
  type: 'outsideRestAgreed',
  payload: z.object({ rest: outsideRestSchema.nullable() }),
  apply: (project, { rest }) => ({ ...project, outsideRest: rest }),
});

export const decisionWritten = defineEvent({
  type: 'decisionWritten',
  payload: decisionRecordSchema,
  apply: (project, decision) => ({
    ...project,
    decisions: { ...project.decisions, [decision.id]: decision },
  }),
});
