import { z } from 'zod';
import { leftoverSchema, openQuestionSchema, orderSchema, quoteSchema } from '../../house/records';
import { wallRecordSchema } from '../../house/behind';
import { plainDateSchema } from '../../units';
import { defineEvent } from './define';

export const orderPlaced = defineEvent({
  type: 'orderPlaced',
  payload: orderSchema,
  // Version 2 says in what a share is counted.
  upgrades: [(payload) => payload],
  apply: (house, order) => {
    house.orders[order.id] = order;
  },
});

export const orderArrived = defineEvent({
  type: 'orderArrived',
  payload: z.object({ orderId: z.string(), arrival: orderSchema.shape.arrival.unwrap() }),
  refers: (house, { orderId }) => Object.hasOwn(house.orders, orderId),
  apply: (house, { orderId, arrival }) => {
    const order = house.orders[orderId];
    if (order) house.orders[orderId] = { ...order, arrival };
  },
});

/** Not ordered after all. */
export const orderCancelled = defineEvent({
  type: 'orderCancelled',
  payload: z.object({ orderId: z.string() }),
  refers: (house, { orderId }) => Object.hasOwn(house.orders, orderId),
  apply: (house, { orderId }) => {
    delete house.orders[orderId];
  },
});

/** The shop gave another day. */
export const orderDelayed = defineEvent({
  type: 'orderDelayed',
  payload: z.object({ orderId: z.string(), expectedOn: plainDateSchema }),
  refers: (house, { orderId }) => Object.hasOwn(house.orders, orderId),
  apply: (house, { orderId, expectedOn }) => {
    const order = house.orders[orderId];
    if (order) house.orders[orderId] = { ...order, expectedOn };
  },
});

export const wallRecorded = defineEvent({
  type: 'wallRecorded',
  payload: wallRecordSchema,
  // Version 2 says which surface, where runs go, what a thing hangs on, and that there is nothing; version 3 lays a
  // picture over it, may say that it was closed unseen, and how long the wall was.
  upgrades: [(payload) => payload, (payload) => payload],
  apply: (house, record) => {
    house.wallRecords[record.id] = record;
  },
});

export const wallRecordDropped = defineEvent({
  type: 'wallRecordDropped',
  payload: z.object({ id: wallRecordSchema.shape.id }),
  refers: (house, { id }) => Object.hasOwn(house.wallRecords, id),
  apply: (house, { id }) => {
    delete house.wallRecords[id];
  },
});

export const questionAsked = defineEvent({
  type: 'questionAsked',
  payload: openQuestionSchema,
  apply: (house, question) => {
    house.questions[question.id] = question;
  },
});

export const questionAnswered = defineEvent({
  type: 'questionAnswered',
  payload: z.object({
    questionId: z.string(),
    answer: openQuestionSchema.shape.answer.unwrap(),
  }),
  refers: (house, { questionId }) => Object.hasOwn(house.questions, questionId),
  apply: (house, { questionId, answer }) => {
    const question = house.questions[questionId];
    if (question) house.questions[questionId] = { ...question, answer };
  },
});

/** Not asked after all. */
export const questionWithdrawn = defineEvent({
  type: 'questionWithdrawn',
  payload: z.object({ questionId: z.string() }),
  refers: (house, { questionId }) => Object.hasOwn(house.questions, questionId),
  apply: (house, { questionId }) => {
    delete house.questions[questionId];
  },
});

/** The answer does not hold any more. */
export const questionReopened = defineEvent({
  type: 'questionReopened',
  payload: z.object({ questionId: z.string() }),
  refers: (house, { questionId }) => Object.hasOwn(house.questions, questionId),
  apply: (house, { questionId }) => {
    const question = house.questions[questionId];
    if (question) house.questions[questionId] = { ...question, answer: null };
  },
});

export const quoteKept = defineEvent({
  type: 'quoteKept',
  payload: quoteSchema,
  // Version 2 may say which jobs it is for and how long they take.
  upgrades: [(payload) => payload],
  apply: (house, quote) => {
    house.quotes[quote.id] = quote;
  },
});

export const leftoverKept = defineEvent({
  type: 'leftoverKept',
  payload: leftoverSchema,
  apply: (house, leftover) => {
    house.leftovers[leftover.id] = leftover;
  },
});
