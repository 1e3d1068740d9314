import { z } from 'zod';
import { plainDateSchema, ticksSchema } from '../../units';
import {
  finishKey,
  ownLineSchema,
  productSchema,
  returnedSchema,
  slotSchema,
} from '../../house/finishes';
import { ceilingSchema, openingSchema } from '../../house/openings';
import { placeIdSchema, wallRunSchema } from '../../house/place';
import { defineEvent } from './define';
import { omit } from './omit';

/** A room walked with the tape: all its walls, height, ceiling and openings at once. */
export const roomMeasured = defineEvent({
  type: 'roomMeasured',
  payload: z.object({
    placeId: placeIdSchema,
    on: plainDateSchema,
    walls: z.array(wallRunSchema).min(3).max(200),
    height: ticksSchema,
    ceiling: ceilingSchema,
    openings: z.array(openingSchema).max(200),
  }),
  apply: (project, { placeId, on, ...shape }) => {
    const place = project.places[placeId];
    if (!place) return project;
    return {
      ...project,
      places: { ...project.places, [placeId]: { ...place, ...shape } },
      measured: { ...project.measured, [placeId]: on },
    };
  },
});

export const finishChosen = defineEvent({
  type: 'finishChosen',
  payload: z.object({
    placeId: placeIdSchema,
    slot: slotSchema,
    productId: z.string().min(1).max(64),
  }),
  apply: (project, { placeId, slot, productId }) => ({
    ...project,
    finishes: { ...project.finishes, [finishKey(placeId, slot)]: productId },
  }),
});

export const finishDropped = defineEvent({
  type: 'finishDropped',
  payload: z.object({ placeId: placeIdSchema, slot: slotSchema }),
  apply: (project, { placeId, slot }) => ({
    ...project,
    finishes: omit(project.finishes, finishKey(placeId, slot)),
  }),
});

/** A product of the owner's own, by its label. */
export const productAdded = defineEvent({
  type: 'productAdded',
  payload: productSchema,
  apply: (project, product) => ({
    ...project,
    products: { ...project.products, [product.id]: product },
  }),
});

export const lineAdded = defineEvent({
  type: 'lineAdded',
  payload: ownLineSchema,
  apply: (project, line) => ({ ...project, ownLines: { ...project.ownLines, [line.id]: line } }),
});

export const lineDropped = defineEvent({
  type: 'lineDropped',
  payload: z.object({ id: z.string().min(1).max(64) }),
  apply: (project, { id }) => ({ ...project, ownLines: omit(project.ownLines, id) }),
});

/** Taken back to the shop; the money comes back as a refund in the log. */
export const leftoverReturned = defineEvent({
  type: 'leftoverReturned',
  payload: returnedSchema,
  apply: (project, { leftoverId, on }) => {
    const leftover = project.leftovers[leftoverId];
    if (!leftover) return project;
    return {
      ...project,
      leftovers: { ...project.leftovers, [leftoverId]: { ...leftover, returnedOn: on } },
    };
  },
});
