import { z } from 'zod';

/** Why a file is no house. */
export const fileErrorSchema = z.discriminatedUnion('code', [
  z.object({ code: z.literal('not-json') }),
  z.object({ code: z.literal('truncated') }),
  z.object({ code: z.literal('not-ours') }),
  z.object({ code: z.literal('newer-version'), version: z.number() }),
  z.object({ code: z.literal('broken'), path: z.string(), reason: z.string() }),
  z.object({ code: z.literal('no-house') }),
]);
export type FileError = z.infer<typeof fileErrorSchema>;
