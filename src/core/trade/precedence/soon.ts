import type { JobId } from '../../house';
import type { Job } from '../steps';

/** What must not stand as it is for long: the later job begins within so many days of the earlier one's end. */
export type Soon = { before: JobId; after: JobId; withinDays: number; why: string };

const SOON: readonly { before: string; after: string; withinDays: number; why: string }[] = [
  {
    before: 'demo.siding',
    after: 'shell.wrap',
    withinDays: 4,
    why: 'A stripped face is wrapped within four days.',
  },
  {
    before: 'shell.wrap',
    after: 'outside.siding',
    withinDays: 60,
    why: 'Wrap is covered before the sun spoils it.',
  },
  {
    before: 'frame.deck-roof',
    after: 'roof.dry-in',
    withinDays: 3,
    why: 'Bare roof boards are dried in within three days.',
  },
  {
    before: 'opening.frame',
    after: 'opening.set',
    withinDays: 2,
    why: 'A hole that is cut is closed by its unit at once.',
  },
  {
    before: 'chimney.out',
    after: 'chimney.close',
    withinDays: 3,
    why: 'The hole in the roof is closed at once.',
  },
  {
    before: 'demo.wall',
    after: 'structure.beam',
    withinDays: 3,
    why: 'Nothing stands on props longer than it must.',
  },
  {
    before: 'structure.shore',
    after: 'demo.wall',
    withinDays: 7,
    why: 'Nothing stands on props longer than it must.',
  },
];

/** The pairs of this house that must follow each other soon. */
export function soonPairs(jobs: readonly Job[]): Soon[] {
  const byStep = new Map<string, Job[]>();
  for (const job of jobs) {
    if (job.stepId === null || job.placeId === null) continue;
    byStep.set(job.stepId, [...(byStep.get(job.stepId) ?? []), job]);
  }
  return SOON.flatMap(({ before, after, withinDays, why }) =>
    (byStep.get(before) ?? []).flatMap((first) =>
      (byStep.get(after) ?? [])
        .filter(({ placeId, nth }) => placeId === first.placeId && nth === first.nth)
        .map((second) => ({ before: first.id, after: second.id, withinDays, why })),
    ),
  );
}

/** The steps named, so that a test can prove that each is real and each pair is ordered. */
export const SOON_STEPS = SOON;
