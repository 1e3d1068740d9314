import { z } from 'zod';
import { placeIdSchema, placeKindSchema, placeSchema } from '../../house/place';
import { relatedSchema, relationKey } from '../../house/relations';
import { placeStateSchema } from '../../house/state';
import { workChoiceIdSchema, workChoiceSchema } from '../../house/works';
import { plainDateSchema } from '../../units';
import { defineEvent } from './define';

export const placeAdded = defineEvent({
  type: 'placeAdded',
  payload: placeSchema,
  // Version 2 may have corners with decimals.
  upgrades: [(payload) => payload],
  apply: (house, place) => {
    house.places[place.id] = place;
    house.placeOrder = [...house.placeOrder.filter((id) => id !== place.id), place.id];
    delete house.formerNames[place.id];
  },
});

export const placeCorrected = defineEvent({
  type: 'placeCorrected',
  payload: placeSchema,
  // Version 2 may have corners with decimals.
  upgrades: [(payload) => payload],
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
    delete house.placeStates[placeId];
    house.placeOrder = house.placeOrder.filter((id) => id !== placeId);
    for (const [id, work] of Object.entries(house.works)) {
      if (work.placeId === placeId) delete house.works[id];
    }
    for (const [id, survey] of Object.entries(house.surveys)) {
      if (survey.placeId === placeId) delete house.surveys[id];
    }
  },
});

/** What a place is today. With a kind it becomes that one: its history stays, and what it was is remembered. */
export const placeStateSaid = defineEvent({
  type: 'placeStateSaid',
  payload: z.object({
    placeId: placeIdSchema,
    state: placeStateSchema,
    on: plainDateSchema,
    kind: placeKindSchema.optional(),
  }),
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, { placeId, state, on, kind }) => {
    const place = house.places[placeId];
    if (!place) return;
    const was = house.placeStates[placeId]?.was ?? place.kind;
    house.placeStates[placeId] = { state, on, ...(state === 'becomes' ? { was } : {}) };
    if (kind) house.places[placeId] = { ...place, kind };
  },
});

/** All the places that one belongs with in one way; an empty list says that there is none. */
export const placesRelated = defineEvent({
  type: 'placesRelated',
  payload: relatedSchema,
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, { kind, placeId, to }) => {
    house.relations[relationKey(kind, placeId)] = to;
  },
});

/** How long the household can do without its only bath, kitchen and the like. */
export const daysWithoutAgreed = defineEvent({
  type: 'daysWithoutAgreed',
  payload: z.object({ of: z.enum(['toilet', 'bath', 'kitchen']), days: z.int().min(0).max(365) }),
  apply: (house, { of, days }) => {
    house.daysWithout[of] = days;
  },
});

export const workChosen = defineEvent({
  type: 'workChosen',
  payload: workChoiceSchema,
  // Version 2 may tell how an opening changes, and which of its kind in the place it is.
  upgrades: [(payload) => payload],
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
