import type { JobId, OwnJob, PlaceId } from '../../house';
import { minutes, parseDuration, type Minutes } from '../../units';

/** One thing an inspector wants put right, and how long it is taken to take. */
export type Correction = { title: string; minutes: Minutes };

/** What a correction takes where nobody said. */
const AN_HOUR = minutes(60);
const LONGEST_TITLE = 120;

/** "two boxes over-filled 1h30": a time at the end is what it takes. */
function correctionIn(line: string): Correction {
  const words = line.split(/\s+/);
  for (const count of [3, 2, 1]) {
    const read = words.length > count ? parseDuration(words.slice(-count).join(' ')) : null;
    if (read?.ok && read.value > 0) {
      const title = words
        .slice(0, -count)
        .join(' ')
        .replace(/[,:;–-]+$/, '');
      return { title: title.trim().slice(0, LONGEST_TITLE), minutes: read.value };
    }
  }
  return { title: line.slice(0, LONGEST_TITLE), minutes: AN_HOUR };
}

/** The corrections of a visit that failed, one a line or between semicolons. */
export const correctionsIn = (text: string): Correction[] =>
  text
    .split(/[\n;]+/)
    .map((line) => line.trim().replace(/^[-*•]\s*/, ''))
    .filter((line) => line !== '')
    .map(correctionIn);

/** The jobs that put a failed visit right; the visit waits for each of them. */
export const correctionJobs = (
  visit: { id: JobId; title: string; placeId: PlaceId | null; stage: number },
  corrections: readonly Correction[],
  newId: () => JobId,
): OwnJob[] =>
  corrections.map(({ title, minutes: length }) => ({
    id: newId(),
    placeId: visit.placeId,
    title: title.charAt(0).toUpperCase() + title.slice(1),
    stage: visit.stage,
    minutes: length,
    hands: 1,
    before: [visit.id],
    because: `${visit.title} did not pass.`,
  }));
