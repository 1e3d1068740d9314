import { z } from 'zod';
import { centsSchema, plainDateSchema } from '../units';
import { jobIdSchema, kindKeySchema, spendKindSchema } from './entries';
import { placeIdSchema } from './place';
import { keySchema, noteSchema } from './text';

const idSchema = keySchema(64);

/** A kind of spending of one's own, beside the seven. */
export const ownKindSchema = z.object({
  id: idSchema,
  title: z.string().trim().min(1).max(40),
  /** Offered no more; what was spent under it keeps its name. */
  dropped: z.literal(true).optional(),
});
export type OwnKind = z.infer<typeof ownKindSchema>;

/** Something to buy or pay for in the plan: a line of Stores, or a job's own cost. */
const costLineIdSchema = keySchema(240);

const receiptLineSchema = z.object({
  what: noteSchema,
  kind: kindKeySchema,
  /** Before tax; below nought for what went back. */
  cents: centsSchema,
  /** The rooms it is for, by weight; none is the house as a whole. */
  rooms: z
    .array(z.object({ placeId: placeIdSchema, weight: z.int().min(1).max(1_000_000) }))
    .max(60),
  /** What of the plan it pays for, as far as that was said. */
  covers: z.array(costLineIdSchema).max(200).optional(),
});

/** A shop's paper with its lines. Tax is spread over the lines by their sums. */
export const receiptSchema = z.object({
  id: idSchema,
  on: plainDateSchema,
  shop: noteSchema.nullable(),
  /** A deposit pays a part of what is agreed; a refund counts against what was paid. */
  is: z.enum(['purchase', 'deposit', 'refund']),
  lines: z.array(receiptLineSchema).min(1).max(100),
  taxCents: centsSchema.min(0),
  drawsOn: z.enum(['budget', 'contingency']),
  photoId: keySchema(64).nullable(),
  note: noteSchema.nullable(),
});
export type Receipt = z.infer<typeof receiptSchema>;

/** What a purchase pays for, as the owner said it; nothing is something nobody planned. */
export const purchaseMatchSchema = z.object({
  /** Of a receipt and its line, or of a line of the log and its entry. */
  paymentId: keySchema(120),
  covers: z.array(costLineIdSchema).max(200),
  /** Nothing more is to be paid for it. */
  whole: z.boolean(),
});

/** A quote taken: each job's part of it, and the first day they come. */
export const acceptedSchema = z.object({
  quoteId: keySchema(120),
  on: plainDateSchema,
  from: noteSchema,
  cents: centsSchema.min(0),
  bookedFrom: plainDateSchema.nullable(),
  workdays: z.int().min(1).max(240),
  /** Empty for a quote that is for nothing of the plan. */
  shares: z
    .array(
      z.object({
        jobId: jobIdSchema,
        cents: centsSchema.min(0),
        workdays: z.int().min(1).max(240),
      }),
    )
    .max(200),
});

/** What made the scope grow. */
const changeCauseSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('find'), text: noteSchema, entryId: keySchema(120).optional() }),
  z.object({ kind: z.literal('wish'), text: noteSchema }),
  z.object({ kind: z.literal('office'), text: noteSchema }),
  /** One change led to another. */
  z.object({ kind: z.literal('change'), text: noteSchema, changeId: idSchema }),
]);
export type ChangeCause = z.infer<typeof changeCauseSchema>;

/** More than was planned, with its cause: its jobs carry its id, its money beside them is here. */
export const changeOrderSchema = z.object({
  id: idSchema,
  on: plainDateSchema,
  title: z.string().trim().min(1).max(120),
  placeId: placeIdSchema.nullable(),
  cause: changeCauseSchema,
  /** Money beside what its jobs cost. */
  cents: centsSchema.min(0),
  drawsOn: z.enum(['budget', 'contingency']),
});
export type ChangeOrder = z.infer<typeof changeOrderSchema>;

/** What may be spent: in all, for what nobody can foresee, and how much of it for a room or a kind. */
export const budgetSchema = z.object({
  total: centsSchema.min(0),
  contingency: centsSchema.min(0),
  byPlace: z.record(z.string(), centsSchema.min(0)).optional(),
  byKind: z.record(z.string(), centsSchema.min(0)).optional(),
});
export type Budget = z.infer<typeof budgetSchema>;

export type OwnKinds = Readonly<Record<string, OwnKind>>;

/** The owner's kinds that are offered still. */
export const offeredKinds = (ownKinds: OwnKinds): OwnKind[] =>
  Object.values(ownKinds).filter(({ dropped }) => !dropped);

/** Every kind that is offered: ours, then the owner's. */
export const kindKeys = (ownKinds: OwnKinds): string[] => [
  ...spendKindSchema.options,
  ...offeredKinds(ownKinds).map(({ id }) => id),
];

/** The title of a kind of spending, dropped or not. */
export function kindTitle(ownKinds: OwnKinds, kind: string): string {
  return spendKindSchema.safeParse(kind).success ? kind : (ownKinds[kind]?.title ?? kind);
}
