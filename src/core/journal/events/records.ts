import { z } from 'zod';
import { plainDateSchema } from '../../units';
import {
  leftoverSchema,
  openQuestionSchema,
  orderSchema,
  quoteSchema,
  wallRecordSchema,
} from '../../house/records';
import { defineEvent } from './define';

export const orderPlaced = defineEvent({
  type: 'orderPlaced',
  payload: orderSchema,
  apply: (project, order) => ({ ...project, orders: { ...project.orders, [order.id]: order } }),
});

export const orderArrived = defineEvent({
  type: 'orderArrived',
  payload: z.object({ orderId: z.string(), arrival: orderSchema.shape.arrival.unwrap() }),
  apply: (project, { orderId, arrival }) => {
    const order = project.orders[orderId];
    if (!order) return project;
    return { ...project, orders: { ...project.orders, [orderId]: { ...order, arrival } } };
  },
});

/** The shop gave another day. */
export const orderDelayed = defineEvent({
  type: 'orderDelayed',
  payload: z.object({ orderId: z.string(), expectedOn: plainDateSchema }),
  apply: (project, { orderId, expectedOn }) => {
    const order = project.orders[orderId];
    if (!order) return project;
    return { ...project, orders: { ...project.orders, [orderId]: { ...order, expectedOn } } };
  },
});

export const wallRecorded = defineEvent({
  type: 'wallRecorded',
  payload: wallRecordSchema,
  apply: (project, record) => ({
    ...project,
    wallRecords: { ...project.wallRecords, [record.id]: record },
  }),
});

export const questionAsked = defineEvent({
  type: 'questionAsked',
  payload: openQuestionSchema,
  apply: (project, question) => ({
    ...project,
    questions: { ...project.questions, [question.id]: question },
  }),
});

export const questionAnswered = defineEvent({
  type: 'questionAnswered',
  payload: z.object({
    questionId: z.string(),
    answer: openQuestionSchema.shape.answer.unwrap(),
  }),
  apply: (project, { questionId, answer }) => {
    const question = project.questions[questionId];
    if (!question) return project;
    return {
      ...project,
      questions: { ...project.questions, [questionId]: { ...question, answer } },
    };
  },
});

export const quoteKept = defineEvent({
  type: 'quoteKept',
  payload: quoteSchema,
  apply: (project, quote) => ({ ...project, quotes: { ...project.quotes, [quote.id]: quote } }),
});

export const leftoverKept = defineEvent({
  type: 'leftoverKept',
  payload: leftoverSchema,
  apply: (project, leftover) => ({
    ...project,
    leftovers: { ...project.leftovers, [leftover.id]: leftover },
  }),
});
