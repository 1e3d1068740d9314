import { z } from 'zod';
import {
  decisionRecordSchema,
  deferralKey,
  deferralSchema,
  hireSchema,
  outsideRestSchema,
  pathSchema,
  practiceChoiceSchema,
} from '../../house/choices';
import { jobIdSchema } from '../../house/entries';
import { defineEvent } from './define';

export const jobHired = defineEvent({
  type: 'jobHired',
  payload: hireSchema,
  // Version 2 may say that it is agreed.
  upgrades: [(payload) => payload],
  apply: (house, hire) => {
    house.hired[hire.jobId] = hire;
  },
});

/** Done by oneself after all. */
export const jobTakenBack = defineEvent({
  type: 'jobTakenBack',
  payload: z.object({ jobId: jobIdSchema }),
  apply: (house, { jobId }) => {
    delete house.hired[jobId];
  },
});

export const workDeferred = defineEvent({
  type: 'workDeferred',
  payload: deferralSchema,
  apply: (house, { placeId, workId, deferred }) => {
    const key = deferralKey(placeId, workId);
    if (deferred) house.deferred[key] = true;
    else delete house.deferred[key];
  },
});

export const pathChosen = defineEvent({
  type: 'pathChosen',
  payload: z.object({ path: pathSchema }),
  apply: (house, { path }) => {
    house.path = path;
  },
});

export const schoolChosen = defineEvent({
  type: 'schoolChosen',
  payload: practiceChoiceSchema,
  apply: (house, { school, option }) => {
    house.schools[school] = option;
  },
});

export const outsideRestAgreed = defineEvent({
  type: 'outsideRestAgreed',
  payload: z.object({ rest: outsideRestSchema.nullable() }),
  apply: (house, { rest }) => {
    house.outsideRest = rest;
  },
});

export const decisionWritten = defineEvent({
  type: 'decisionWritten',
  payload: decisionRecordSchema,
  apply: (house, decision) => {
    house.decisions[decision.id] = decision;
  },
});
