import { z } from 'zod';
import { placeIdSchema, placeSchema } from '../../house/place';
import { ownJobSchema, workChoiceIdSchema, workChoiceSchema } from '../../house/works';
import { defineEvent } from './define';
import { omit } from './omit';

export const placeAdded = defineEvent({
  type: 'placeAdded',
  payload: placeSchema,
  apply: (project, place) => ({
    ...project,
    places: { ...project.places, [place.id]: place },
    placeOrder: [...project.placeOrder.filter((id) => id !== place.id), place.id],
  }),
});

export const placeCorrected = defineEvent({
  type: 'placeCorrected',
  payload: placeSchema,
  apply: (project, place) =>
    project.places[place.id]
      ? { ...project, places: { ...project.places, [place.id]: place } }
      : project,
});

/** The place goes, with the works chosen for it and what was decided there. What was logged and paid there stays in the journal. */
export const placeRemoved = defineEvent({
  type: 'placeRemoved',
  payload: z.object({ placeId: placeIdSchema }),
  apply: (project, { placeId }) => ({
    ...project,
    places: omit(project.places, placeId),
    placeOrder: project.placeOrder.filter((id) => id !== placeId),
    works: Object.fromEntries(
      Object.entries(project.works).filter(([, work]) => work.placeId !== placeId),
    ),
    surveys: Object.fromEntries(
      Object.entries(project.surveys).filter(([, survey]) => survey.placeId !== placeId),
    ),
  }),
});

export const workChosen = defineEvent({
  type: 'workChosen',
  payload: workChoiceSchema,
  apply: (project, work) =>
    project.places[work.placeId]
      ? { ...project, works: { ...project.works, [work.id]: work } }
      : project,
});

export const workDropped = defineEvent({
  type: 'workDropped',
  payload: z.object({ workChoiceId: workChoiceIdSchema }),
  apply: (project, { workChoiceId }) => ({
    ...project,
    works: omit(project.works, workChoiceId),
  }),
});

export const jobAdded = defineEvent({
  type: 'jobAdded',
  payload: ownJobSchema,
  apply: (project, job) => ({ ...project, ownJobs: { ...project.ownJobs, [job.id]: job } }),
});
