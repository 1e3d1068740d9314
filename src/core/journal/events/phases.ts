import { z } from 'zod';
import { phaseSchema } from '../../house/phases';
import { rebuildSchema } from '../../house/rebuild';
import { defineEvent } from './define';

/** A phase as it is meant to be gone through; the later word counts. */
export const phaseAgreed = defineEvent({
  type: 'phaseAgreed',
  payload: phaseSchema,
  refers: (house, { placeIds }) => placeIds.every((id) => Object.hasOwn(house.places, id)),
  apply: (house, phase) => {
    house.phases[phase.id] = phase;
  },
});

export const phaseDropped = defineEvent({
  type: 'phaseDropped',
  payload: z.object({ phaseId: phaseSchema.shape.id }),
  refers: (house, { phaseId }) => Object.hasOwn(house.phases, phaseId),
  apply: (house, { phaseId }) => {
    delete house.phases[phaseId];
  },
});

/** What building new would cost here; null goes back to the starting guesses. */
export const rebuildPriced = defineEvent({
  type: 'rebuildPriced',
  payload: z.object({ rebuild: rebuildSchema.nullable() }),
  apply: (house, { rebuild }) => {
    house.rebuild = rebuild;
  },
});
