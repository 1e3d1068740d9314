import type { JobId } from '../../house';
import type { StageNumber } from '../../trade/steps';

/** Behind the rough work, where nothing ties a visit to a job. */
const USUAL: StageNumber = 8;

/** The stage of a visit of one's own: of the last it has to see, else of the first that waits for it. */
export function stageOfVisit(
  jobs: readonly { id: JobId; stage: StageNumber }[],
  { after, before }: { after: readonly string[]; before: readonly string[] },
): StageNumber {
  const stagesOf = (ids: readonly string[]) =>
    jobs.filter(({ id }) => ids.includes(id)).map(({ stage }) => stage);
  const [seen, waiting] = [stagesOf(after), stagesOf(before)];
  if (seen.length > 0) return Math.max(...seen);
  return waiting.length > 0 ? Math.min(...waiting) : USUAL;
}
