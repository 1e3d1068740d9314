import { z } from 'zod';
import { punchItemSchema, waiverSchema } from '../../house/punch';
import { plainDateSchema } from '../../units';
import { defineEvent } from './define';

const { id } = punchItemSchema.shape;

/** Something to be put right was noted; its words were put right, or it is open again. */
export const punchNoted = defineEvent({
  type: 'punchNoted',
  payload: punchItemSchema,
  apply: (house, item) => {
    house.punch[item.id] = item;
  },
});

export const punchClosed = defineEvent({
  type: 'punchClosed',
  payload: z.object({ id, on: plainDateSchema }),
  refers: (house, { id: item }) => Object.hasOwn(house.punch, item),
  apply: (house, { id: item, on }) => {
    const noted = house.punch[item];
    if (noted) house.punch[item] = { ...noted, closedOn: on };
  },
});

/** A condition of a gate that this house does not have to meet. */
export const conditionWaived = defineEvent({
  type: 'conditionWaived',
  payload: waiverSchema,
  apply: (house, waiver) => {
    house.waivers[waiver.conditionId] = waiver;
    delete house.checks[waiver.conditionId];
  },
});
