import { z } from 'zod';
import {
  acceptedSchema,
  changeOrderSchema,
  ownKindSchema,
  purchaseMatchSchema,
  receiptSchema,
} from '../../house/money';
import { centsSchema } from '../../units';
import { defineEvent } from './define';

const quoteIdSchema = acceptedSchema.shape.quoteId;

export const receiptKept = defineEvent({
  type: 'receiptKept',
  payload: receiptSchema,
  apply: (house, receipt) => {
    house.receipts[receipt.id] = receipt;
  },
});

/** A receipt put right; it keeps its place. */
export const receiptCorrected = defineEvent({
  type: 'receiptCorrected',
  payload: receiptSchema,
  refers: (house, { id }) => Object.hasOwn(house.receipts, id),
  apply: (house, receipt) => {
    house.receipts[receipt.id] = receipt;
  },
});

export const receiptTakenBack = defineEvent({
  type: 'receiptTakenBack',
  payload: z.object({ receiptId: receiptSchema.shape.id }),
  refers: (house, { receiptId }) => Object.hasOwn(house.receipts, receiptId),
  apply: (house, { receiptId }) => {
    delete house.receipts[receiptId];
  },
});

/** What a purchase pays for; the later word counts. */
export const purchaseMatched = defineEvent({
  type: 'purchaseMatched',
  payload: purchaseMatchSchema,
  apply: (house, match) => {
    house.matches[match.paymentId] = match;
  },
});

export const purchaseUnmatched = defineEvent({
  type: 'purchaseUnmatched',
  payload: purchaseMatchSchema.pick({ paymentId: true }),
  refers: (house, { paymentId }) => Object.hasOwn(house.matches, paymentId),
  apply: (house, { paymentId }) => {
    delete house.matches[paymentId];
  },
});

/** Agreed with the trade: its jobs are theirs, its sum is committed. */
export const quoteAccepted = defineEvent({
  type: 'quoteAccepted',
  payload: acceptedSchema,
  apply: (house, accepted) => {
    house.accepted[accepted.quoteId] = accepted;
  },
});

/** Not agreed after all; what was hired before it is as it was. */
export const quoteReleased = defineEvent({
  type: 'quoteReleased',
  payload: z.object({ quoteId: quoteIdSchema }),
  refers: (house, { quoteId }) => Object.hasOwn(house.accepted, quoteId),
  apply: (house, { quoteId }) => {
    delete house.accepted[quoteId];
  },
});

export const quoteDropped = defineEvent({
  type: 'quoteDropped',
  payload: z.object({ quoteId: quoteIdSchema }),
  refers: (house, { quoteId }) => Object.hasOwn(house.quotes, quoteId),
  apply: (house, { quoteId }) => {
    delete house.quotes[quoteId];
    delete house.accepted[quoteId];
  },
});

export const changeOrdered = defineEvent({
  type: 'changeOrdered',
  payload: changeOrderSchema,
  apply: (house, change) => {
    house.changes[change.id] = change;
  },
});

/** The change is off, and with it the jobs it brought. What was logged on them stays in the diary. */
export const changeWithdrawn = defineEvent({
  type: 'changeWithdrawn',
  payload: z.object({ changeId: changeOrderSchema.shape.id }),
  refers: (house, { changeId }) => Object.hasOwn(house.changes, changeId),
  apply: (house, { changeId }) => {
    delete house.changes[changeId];
    for (const [id, job] of Object.entries(house.ownJobs)) {
      if (job.changeId === changeId) delete house.ownJobs[id];
    }
  },
});

export const kindAdded = defineEvent({
  type: 'kindAdded',
  payload: ownKindSchema.omit({ dropped: true }),
  apply: (house, kind) => {
    house.ownKinds[kind.id] = kind;
  },
});

/** No longer offered; what was spent under it keeps it. */
export const kindDropped = defineEvent({
  type: 'kindDropped',
  payload: ownKindSchema.pick({ id: true }),
  refers: (house, { id }) => Object.hasOwn(house.ownKinds, id),
  apply: (house, { id }) => {
    const kind = house.ownKinds[id];
    if (kind) house.ownKinds[id] = { ...kind, dropped: true };
  },
});

/** What an hour of one's own is counted at, beside the money; null where it is not counted. */
export const ownHourPriced = defineEvent({
  type: 'ownHourPriced',
  payload: z.object({ cents: centsSchema.min(0).nullable() }),
  apply: (house, { cents }) => {
    house.ownHourCents = cents;
  },
});
