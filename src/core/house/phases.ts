import { z } from 'zod';
import { centsSchema, plainDateSchema, type PlainDate } from '../units';
import { jobIdSchema } from './entries';
import { placeIdSchema } from './place';
import type { Demand } from './survey';
import { keySchema } from './text';

/** A part of the house that is gone through by itself: whole rooms, and jobs beside them. */
export const phaseSchema = z
  .object({
    id: keySchema(64),
    title: z.string().trim().min(1).max(80),
    placeIds: z.array(placeIdSchema).max(60),
    jobIds: z.array(jobIdSchema).max(200),
    /** Its own end; null where nobody set one. */
    by: plainDateSchema.nullable(),
    /** Its own budget. */
    cents: centsSchema.min(0).nullable(),
    /** The gate that waits for all of it; null where only what the gate itself needs does. */
    before: z.enum(['sleep', 'live']).nullable(),
  })
  .refine(({ placeIds, jobIds }) => placeIds.length + jobIds.length > 0, {
    error: 'a phase without rooms and jobs',
    path: ['placeIds'],
  });
export type Phase = z.infer<typeof phaseSchema>;

/** Whether something of a job or room belongs to a phase. */
export const isInPhase = (
  { placeIds, jobIds }: Phase,
  { jobId, placeId }: { jobId: string | null; placeId: string | null },
): boolean =>
  (placeIds as readonly (string | null)[]).includes(placeId) ||
  (jobIds as readonly (string | null)[]).includes(jobId);

/** A day by which jobs must be done, whoever set it. */
export type HardDate = {
  id: string;
  what: string;
  by: PlainDate;
  covers: Demand['covers'] | { kind: 'phase'; phase: Phase };
};

/** Dates from outside, wishes, and the ends of phases. */
export const hardDatesOf = ({
  demands,
  phases,
}: {
  demands: Readonly<Record<string, Demand>>;
  phases: Readonly<Record<string, Phase>>;
}): HardDate[] => [
  ...Object.values(demands),
  ...Object.values(phases).flatMap((phase) =>
    phase.by === null
      ? []
      : [
          {
            id: `phase:${phase.id}`,
            what: phase.title,
            by: phase.by,
            covers: { kind: 'phase' as const, phase },
          },
        ],
  ),
];
