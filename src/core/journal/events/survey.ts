import { z } from 'zod';
import { placeIdSchema } from '../../house/place';
import {
  demandSchema,
  photoSchema,
  settlementSchema,
  surveyIdOf,
  surveySchema,
} from '../../house/survey';
import { defineEvent } from './define';
import { omit } from './omit';

/** An element of a place was looked at and decided on, for the first time or again. */
export const elementSurveyed = defineEvent({
  type: 'elementSurveyed',
  payload: surveySchema,
  apply: (project, survey) =>
    project.places[survey.placeId]
      ? { ...project, surveys: { ...project.surveys, [surveyIdOf(survey)]: survey } }
      : project,
});

/** Opening up answered a suspicion. */
export const suspicionSettled = defineEvent({
  type: 'suspicionSettled',
  payload: settlementSchema,
  apply: (project, settlement) =>
    project.surveys[settlement.surveyId]
      ? { ...project, settlements: { ...project.settlements, [settlement.surveyId]: settlement } }
      : project,
});

export const demandMade = defineEvent({
  type: 'demandMade',
  payload: demandSchema,
  apply: (project, demand) => ({
    ...project,
    demands: { ...project.demands, [demand.id]: demand },
  }),
});

export const demandLifted = defineEvent({
  type: 'demandLifted',
  payload: z.object({ demandId: z.string().min(1).max(80) }),
  apply: (project, { demandId }) => ({ ...project, demands: omit(project.demands, demandId) }),
});

/** The walking order as somebody prefers to walk it; places it does not name keep theirs behind. */
export const walkOrdered = defineEvent({
  type: 'walkOrdered',
  payload: z.object({ order: z.array(placeIdSchema).max(200) }),
  apply: (project, { order }) => {
    const named = order.filter((id) => project.places[id]);
    return {
      ...project,
      placeOrder: [...named, ...project.placeOrder.filter((id) => !named.includes(id))],
    };
  },
});

export const photoTaken = defineEvent({
  type: 'photoTaken',
  payload: photoSchema,
  apply: (project, photo) => ({ ...project, photos: { ...project.photos, [photo.id]: photo } }),
});

/** The picture goes from the house; it stays stored, so that taking this back brings it again. */
export const photoDropped = defineEvent({
  type: 'photoDropped',
  payload: z.object({ photoId: z.string().min(1).max(80) }),
  apply: (project, { photoId }) => ({ ...project, photos: omit(project.photos, photoId) }),
});
