import { z } from 'zod';
import { placeIdSchema, placeSchema } from '../../house/place';
import { ownJobSchema, workChoiceIdSchema, workChoiceSchema } from '../../house/works';
import { defineEvent } from './define';

export const placeAdded = defineEvent({
  type: 'placeAdded',
  payload: placeSchema,
  apply: (house, place) => {
    house.places[place.id] = place;
    house.placeOrder = [...house.placeOrder.filter((id) => id !== place.id), place.id];
    delete house.formerNames[place.id];
  },
});

export const placeCorrected = defineEvent({
  type: 'placeCorrected',
  payload: placeSchema,
  refers: (house, { id }) => Object.hasOwn(house.places, id),
  apply: (house, place) => {
    house.places[place.id] = place;
  },
});

/**
 * The place goes, with the works chosen for it and what was decided there. What was logged and paid there stays in
 * the journal, and so does its name.
 */
export const placeRemoved = defineEvent({
  type: 'placeRemoved',
  payload: z.object({ placeId: placeIdSchema }),
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, { placeId }) => {
    const place = house.places[placeId];
    if (place) house.formerNames[placeId] = place.name;
    delete house.places[placeId];
    house.placeOrder = house.placeOrder.filter((id) => id !== placeId);
    for (const [id, work] of Object.entries(house.works)) {
      if (work.placeId === placeId) delete house.works[id];
    }
    for (const [id, survey] of Object.entries(house.surveys)) {
      if (survey.placeId === placeId) delete house.surveys[id];
    }
  },
});

export const workChosen = defineEvent({
  type: 'workChosen',
  payload: workChoiceSchema,
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, work) => {
    house.works[work.id] = work;
  },
});

export const workDropped = defineEvent({
  type: 'workDropped',
  payload: z.object({ workChoiceId: workChoiceIdSchema }),
  apply: (house, { workChoiceId }) => {
    delete house.works[workChoiceId];
  },
});

export const jobAdded = defineEvent({
  type: 'jobAdded',
  payload: ownJobSchema,
  apply: (house, job) => {
    house.ownJobs[job.id] = job;
  },
});
