import { z } from 'zod';
import { meaningSchema } from '../../house/project';
import { keySchema } from '../../house/text';
import { plainDateSchema } from '../../units';
import { defineEvent } from './define';

/** A nickname or a word of the owner's own, and what it stands for. */
export const wordTaught = defineEvent({
  type: 'wordTaught',
  payload: z.object({ word: keySchema(80), means: meaningSchema }),
  apply: (house, { word, means }) => {
    house.taught[word] = means;
  },
});

export const wordForgotten = defineEvent({
  type: 'wordForgotten',
  payload: z.object({ word: keySchema(80) }),
  refers: (house, { word }) => Object.hasOwn(house.taught, word),
  apply: (house, { word }) => {
    delete house.taught[word];
  },
});

/** Help is paid back, or given, up to a day. */
export const favourSettled = defineEvent({
  type: 'favourSettled',
  payload: z.object({ who: keySchema(120), on: plainDateSchema }),
  apply: (house, { who, on }) => {
    house.favoursSettled[who] = on;
  },
});

/** Something that was to be done is done. */
export const nextDone = defineEvent({
  type: 'nextDone',
  payload: z.object({ id: keySchema(80), on: plainDateSchema }),
  apply: (house, { id, on }) => {
    house.nextsDone[id] = on;
  },
});
