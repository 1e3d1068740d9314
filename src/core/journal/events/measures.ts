import { z } from 'zod';
import {
  finishKey,
  ownLineSchema,
  productSchema,
  returnedSchema,
  slotSchema,
} from '../../house/finishes';
import { ceilingSchema, heightSchema, openingSchema } from '../../house/openings';
import { placeIdSchema, wallsSchema } from '../../house/place';
import { plainDateSchema } from '../../units';
import { leftoversOf } from '../../house/told';
import { defineEvent } from './define';

/** A room walked with the tape: all its walls, height, ceiling and openings at once. */
export const roomMeasured = defineEvent({
  type: 'roomMeasured',
  payload: z.object({
    placeId: placeIdSchema,
    on: plainDateSchema,
    walls: wallsSchema,
    height: heightSchema,
    ceiling: ceilingSchema,
    openings: z.array(openingSchema).max(200),
  }),
  // Version 2 may have corners with decimals.
  upgrades: [(payload) => payload],
  refers: (house, { placeId }) => Object.hasOwn(house.places, placeId),
  apply: (house, { placeId, on, ...shape }) => {
    const place = house.places[placeId];
    if (!place) return;
    house.places[placeId] = { ...place, ...shape };
    house.measured[placeId] = on;
  },
});

export const finishChosen = defineEvent({
  type: 'finishChosen',
  payload: z.object({
    placeId: placeIdSchema,
    slot: slotSchema,
    productId: z.string().min(1).max(64),
  }),
  apply: (house, { placeId, slot, productId }) => {
    house.finishes[finishKey(placeId, slot)] = productId;
  },
});

export const finishDropped = defineEvent({
  type: 'finishDropped',
  payload: z.object({ placeId: placeIdSchema, slot: slotSchema }),
  apply: (house, { placeId, slot }) => {
    delete house.finishes[finishKey(placeId, slot)];
  },
});

/** A product of the owner's own, by its label. */
export const productAdded = defineEvent({
  type: 'productAdded',
  payload: productSchema,
  apply: (house, product) => {
    house.products[product.id] = product;
  },
});

export const lineAdded = defineEvent({
  type: 'lineAdded',
  payload: ownLineSchema,
  apply: (house, line) => {
    house.ownLines[line.id] = line;
  },
});

export const lineDropped = defineEvent({
  type: 'lineDropped',
  payload: z.object({ id: z.string().min(1).max(64) }),
  apply: (house, { id }) => {
    delete house.ownLines[id];
  },
});

/** Taken back to the shop; the money comes back as a refund in the log. */
export const leftoverReturned = defineEvent({
  type: 'leftoverReturned',
  payload: returnedSchema,
  refers: (house, { leftoverId }) => leftoversOf(house).some(({ id }) => id === leftoverId),
  apply: (house, { leftoverId, on }) => {
    const leftover = leftoversOf(house).find(({ id }) => id === leftoverId);
    if (leftover) house.leftovers[leftoverId] = { ...leftover, returnedOn: on };
  },
});
