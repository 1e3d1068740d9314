import { z } from 'zod';
import type { Project } from '../core/house';
import { JOURNAL_VERSION, REDUCER_VERSION, type Stamp } from '../core/journal';
import { digestOf } from './digest';

/** The reduction of a journal's segments, kept so that an old house opens as fast as a young one. */
export type Snapshot = {
  /** The segments it is the reduction of, all there were. */
  segments: string[];
  /** Single rows that went into the last segment; where they are still there, they count no more. */
  absorbed: string[];
  /** The last event in it: what sorts before this one cannot be added. */
  last: Pick<Stamp, 'counter' | 'device' | 'id'>;
  project: Project;
};

const headSchema = z.object({
  journalVersion: z.literal(JOURNAL_VERSION),
  reducerVersion: z.literal(REDUCER_VERSION),
  segments: z.array(z.string()),
  absorbed: z.array(z.string()),
  last: z.object({ counter: z.int(), device: z.string(), id: z.string() }),
  digest: z.string(),
});

/** One line of head, then the house as JSON. */
export function writeSnapshot({ project, ...head }: Snapshot): string {
  const text = JSON.stringify(project);
  const line = JSON.stringify({
    ...head,
    journalVersion: JOURNAL_VERSION,
    reducerVersion: REDUCER_VERSION,
    digest: digestOf(text),
  });
  return `${line}\n${text}`;
}

/**
 * Undefined unless this very version of the journal and the reduction wrote it and no letter of it changed: that makes
 * the house in it what this program would reduce again, and saves parsing it field by field.
 */
export function readSnapshot(raw: string | null): Snapshot | undefined {
  const end = raw?.indexOf('\n') ?? -1;
  if (raw === null || end < 0) return undefined;
  const text = raw.slice(end + 1);
  try {
    const { digest, segments, absorbed, last } = headSchema.parse(JSON.parse(raw.slice(0, end)));
    if (digest !== digestOf(text)) return undefined;
    return { segments, absorbed, last, project: JSON.parse(text) as Project };
  } catch {
    return undefined;
  }
}
