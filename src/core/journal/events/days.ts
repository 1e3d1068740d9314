import { z } from 'zod';
import { dayLogSchema, jobIdSchema, logIdSchema } from '../../house/entries';
import { inspectionSchema } from '../../house/records';
import { plainDateSchema } from '../../units';
import { defineEvent } from './define';

/** A line of the log was kept. */
export const dayLogged = defineEvent({
  type: 'dayLogged',
  payload: dayLogSchema,
  // Version 2 knows all that an evening tells, and keeps what was answered; version 3 the owner's kinds of spending;
  // version 4 what is behind a wall, and the punch list.
  upgrades: [(payload) => payload, (payload) => payload, (payload) => payload],
  apply: (house, day) => {
    house.days[day.id] = day;
  },
});

/** A kept line was read again and put right; it keeps its place in the diary. */
export const dayCorrected = defineEvent({
  type: 'dayCorrected',
  payload: dayLogSchema,
  upgrades: [(payload) => payload, (payload) => payload, (payload) => payload],
  refers: (house, { id }) => Object.hasOwn(house.days, id),
  apply: (house, day) => {
    house.days[day.id] = day;
  },
});

export const dayWithdrawn = defineEvent({
  type: 'dayWithdrawn',
  payload: z.object({ logId: logIdSchema }),
  apply: (house, { logId }) => {
    delete house.days[logId];
  },
});

/** A job checked off on the Keys or Order page, by a person's own word. */
export const jobTicked = defineEvent({
  type: 'jobTicked',
  payload: z.object({ jobId: jobIdSchema, on: plainDateSchema }),
  apply: (house, { jobId, on }) => {
    house.ticked[jobId] = on;
  },
});

/** It is not done after all; what the diary says of it holds. */
export const jobUnticked = defineEvent({
  type: 'jobUnticked',
  payload: z.object({ jobId: jobIdSchema }),
  refers: (house, { jobId }) => Object.hasOwn(house.ticked, jobId),
  apply: (house, { jobId }) => {
    delete house.ticked[jobId];
  },
});

/** A condition of a gate that only a person can vouch for, with the day they saw it. */
export const conditionChecked = defineEvent({
  type: 'conditionChecked',
  payload: z.object({ conditionId: z.string().min(1).max(64), on: plainDateSchema }),
  apply: (house, { conditionId, on }) => {
    house.checks[conditionId] = on;
    delete house.waivers[conditionId];
  },
});

/** A day agreed with an inspector or a trade; a later booking replaces it. */
export const visitBooked = defineEvent({
  type: 'visitBooked',
  payload: z.object({ jobId: jobIdSchema, on: plainDateSchema }),
  apply: (house, { jobId, on }) => {
    house.bookings[jobId] = on;
  },
});

/** Called off; another day may be booked. */
export const visitCancelled = defineEvent({
  type: 'visitCancelled',
  payload: z.object({ jobId: jobIdSchema }),
  apply: (house, { jobId }) => {
    delete house.bookings[jobId];
  },
});

export const inspectionHeld = defineEvent({
  type: 'inspectionHeld',
  payload: inspectionSchema,
  apply: (house, inspection) => {
    house.inspections.push(inspection);
  },
});
