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

/** An element of a place was looked at and decided on, for the first time or again. */
export const elementSurveyed = defineEvent({
  type: 'elementSurveyed',
  payload: surveySchema,
  // Version 2 knows chimney, stove, partition, beam, foundation, insulation and ground.
  upgrades: [(payload) => payload],
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, survey) => {
    house.surveys[surveyIdOf(survey)] = survey;
  },
});

/** Opening up answered a suspicion. */
export const suspicionSettled = defineEvent({
  type: 'suspicionSettled',
  payload: settlementSchema,
  refers: (house, { surveyId }) => Object.hasOwn(house.surveys, surveyId),
  apply: (house, settlement) => {
    house.settlements[settlement.surveyId] = settlement;
  },
});

export const demandMade = defineEvent({
  type: 'demandMade',
  payload: demandSchema,
  // Version 2 may cover several jobs, the shell, or the outside of one place.
  upgrades: [(payload) => payload],
  apply: (house, demand) => {
    house.demands[demand.id] = demand;
  },
});

export const demandLifted = defineEvent({
  type: 'demandLifted',
  payload: z.object({ demandId: z.string().min(1).max(80) }),
  apply: (house, { demandId }) => {
    delete house.demands[demandId];
  },
});

/** The walking order as somebody prefers to walk it; places it does not name keep theirs behind. */
export const walkOrdered = defineEvent({
  type: 'walkOrdered',
  payload: z.object({ order: z.array(placeIdSchema).max(200) }),
  apply: (house, { order }) => {
    const named = [...new Set(order)].filter((id) => Object.hasOwn(house.places, id));
    house.placeOrder = [...named, ...house.placeOrder.filter((id) => !named.includes(id))];
  },
});

export const photoTaken = defineEvent({
  type: 'photoTaken',
  payload: photoSchema,
  // Version 2 knows chimney, stove, partition, beam, foundation, insulation and ground; version 3 papers of no room;
  // version 4 says what else than a place a picture shows.
  upgrades: [(payload) => payload, (payload) => payload, (payload) => payload],
  apply: (house, photo) => {
    house.photos[photo.id] = photo;
  },
});

/** The picture goes from the house; it stays stored, so that taking this back brings it again. */
export const photoDropped = defineEvent({
  type: 'photoDropped',
  payload: z.object({ photoId: z.string().min(1).max(80) }),
  apply: (house, { photoId }) => {
    delete house.photos[photoId];
  },
});
