import { z } from 'zod';
import { jobIdSchema } from '../../house/entries';
import {
  jobDropSchema,
  jobFiguresSchema,
  jobSplitSchema,
  ownJobSchema,
} from '../../house/own-jobs';
import { defineEvent } from './define';

export const jobAdded = defineEvent({
  type: 'jobAdded',
  payload: ownJobSchema,
  // Version 2 may say what comes before it, how it must be done, how long it dries and what it costs;
  // version 3 knows an inspector's visits.
  upgrades: [(payload) => payload, (payload) => payload],
  apply: (house, job) => {
    house.ownJobs[job.id] = job;
  },
});

/** A job of one's own put right. */
export const jobCorrected = defineEvent({
  type: 'jobCorrected',
  payload: ownJobSchema,
  // Version 2 knows an inspector's visits.
  upgrades: [(payload) => payload],
  refers: (house, { id }) => Object.hasOwn(house.ownJobs, id),
  apply: (house, job) => {
    house.ownJobs[job.id] = job;
  },
});

/** All the owner's figures for one job; without any it is as it started. */
export const jobFiguresAgreed = defineEvent({
  type: 'jobFiguresAgreed',
  payload: z.object({ jobId: jobIdSchema, figures: jobFiguresSchema }),
  apply: (house, { jobId, figures }) => {
    if (Object.keys(figures).length > 0) house.jobFigures[jobId] = figures;
    else delete house.jobFigures[jobId];
  },
});

export const jobSplit = defineEvent({
  type: 'jobSplit',
  payload: jobSplitSchema,
  apply: (house, split) => {
    house.splits[split.jobId] = split;
  },
});

/** The parts are one job again. */
export const jobJoined = defineEvent({
  type: 'jobJoined',
  payload: z.object({ jobId: jobIdSchema }),
  refers: (house, { jobId }) => Object.hasOwn(house.splits, jobId),
  apply: (house, { jobId }) => {
    delete house.splits[jobId];
  },
});

export const jobDropped = defineEvent({
  type: 'jobDropped',
  payload: jobDropSchema,
  apply: (house, drop) => {
    house.droppedJobs[drop.jobId] = drop;
  },
});

export const jobBroughtBack = defineEvent({
  type: 'jobBroughtBack',
  payload: z.object({ jobId: jobIdSchema }),
  refers: (house, { jobId }) => Object.hasOwn(house.droppedJobs, jobId),
  apply: (house, { jobId }) => {
    delete house.droppedJobs[jobId];
  },
});
