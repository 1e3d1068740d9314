import type { Entry, PlaceId } from '../../house';
import type { LogContext, LogJob } from './context';
import { clamp, far, farIn, progressOf } from './far';
import { jobsFor, nearBest, placesSaid } from './jobs';
import type { Phrase } from './line';
import { MOST_CHOICES, type Made, type Told } from './making';
import type { Memory } from './reading';
import type { Statement } from './segment';

/** How far a job is, without hours. */
export function progressMade(
  statement: Statement,
  told: Told,
  memory: Memory,
  context: LogContext,
): Made {
  const { stretch, content } = statement.facts;
  const { all, unclear } = placesSaid(stretch);
  const places = all.length > 0 ? all : (unclear ?? []);
  let found = jobsFor(stretch.stems(), places, memory, context, statement.facts.steps);
  const remembered = context.jobs.find(({ id }) => id === memory.jobId);
  if (
    found.length === 0 &&
    content === 0 &&
    remembered &&
    (places.length === 0 || places.includes(remembered.placeId ?? ('' as PlaceId)))
  ) {
    found = [{ job: remembered, fit: 1 }];
  }
  const jobs = found.slice(0, MOST_CHOICES).map(({ job }) => job.id);
  const answered = told.get('job');
  const chosen =
    answered === undefined ? undefined : context.jobs.find(({ id }) => id === answered);
  const near = chosen ? [{ job: chosen, fit: 1 }] : nearBest(found);
  const answeredShare = told.get('share');
  const entriesFor = (job: LogJob): Entry[] => {
    const how = farIn(stretch, job) ?? far(100);
    return answeredShare !== undefined
      ? [progressOf(job, { ...how, begun: false }, clamp(Number(answeredShare)))]
      : [progressOf(job, how)];
  };
  const [best] = near;
  if (!best) {
    const ask = jobAsked(statement, places, memory, context, entriesFor);
    return ask ? { entries: [], jobs, ask } : { entries: [], jobs };
  }
  const made = { jobs, job: best.job, place: best.job.placeId };
  if (near.length > 1) {
    return {
      ...made,
      entries: [],
      ask: {
        code: 'which-job',
        slot: 'job',
        options: near.slice(0, MOST_CHOICES).map(({ job }) => ({
          label: { is: 'job', jobId: job.id },
          value: job.id,
          entries: entriesFor(job),
        })),
      },
    };
  }
  const how = farIn(stretch, best.job);
  if (
    answeredShare === undefined &&
    how === null &&
    (stretch.has('set', 'in') || statement.facts.isPassive)
  ) {
    // "Toilet set", "cable all in": said of the whole.
    return { ...made, entries: [progressOf(best.job, far(100))] };
  }
  if (
    answeredShare === undefined &&
    (how === null || (how.share === null && !how.quantity && !how.begun))
  ) {
    return { ...made, entries: [], ask: howFar(best.job) };
  }
  const before = best.job.share ?? 0;
  const isOpen =
    how?.isAdded && how.share !== null && before > 0 && before < 100 && !saysTotal(stretch);
  if (answeredShare === undefined && isOpen && how.share !== null) {
    const added = Math.min(100, before + how.share);
    return {
      ...made,
      entries: [],
      ask: {
        code: 'total-or-added',
        slot: 'share',
        options: [
          {
            label: { is: 'added', share: added },
            value: `${added}`,
            entries: [progressOf(best.job, how, added)],
          },
          {
            label: { is: 'total', share: how.share },
            value: `${how.share}`,
            entries: [progressOf(best.job, how)],
          },
        ],
      },
    };
  }
  return { ...made, entries: entriesFor(best.job) };
}

/** How far something is that no job of the house is called: those of its room, what is under way first. */
function jobAsked(
  { facts }: Statement,
  places: readonly PlaceId[],
  memory: Memory,
  context: LogContext,
  entriesFor: (job: LogJob) => Entry[],
): Made['ask'] {
  if (facts.shares.length + facts.amounts.length === 0 && !facts.has('done')) return undefined;
  const jobs = jobsHere({ facts }, places, memory, context);
  if (jobs.length === 0) return undefined;
  return {
    code: 'which-job',
    slot: 'job',
    options: jobs.map((job) => ({
      label: { is: 'job', jobId: job.id },
      value: job.id,
      entries: entriesFor(job),
    })),
  };
}

/** The jobs of a room that words which fit none may mean: what they half fit first, then what is under way. */
export function jobsHere(
  { facts }: Pick<Statement, 'facts'>,
  places: readonly PlaceId[],
  memory: Memory,
  context: LogContext,
): LogJob[] {
  const here = places.length > 0 ? places : memory.place === null ? [] : [memory.place];
  const near = facts.steps.flatMap(({ step }) => step.jobs);
  const order: readonly LogJob['state'][] = ['in-hand', 'ready', 'open'];
  const open = order.flatMap((state) => context.jobs.filter((job) => job.state === state));
  const found = [...near, ...open].filter(
    ({ placeId }) => placeId !== null && here.includes(placeId),
  );
  return [...new Map(found.map((job) => [job.id, job])).values()].slice(0, MOST_CHOICES - 1);
}

const saysTotal = (stretch: Phrase): boolean =>
  stretch.tokens.some(
    ({ word }, at, all) =>
      word === 'total' ||
      word === 'altogether' ||
      (word === 'so' && all[at + 1]?.word === 'far') ||
      (word === 'now' && at > 0),
  );

const howFar = (job: LogJob): NonNullable<Made['ask']> => ({
  code: 'how-far',
  slot: 'share',
  options: [100, 90, 75, 50, 25]
    .filter((share) => share > (job.share ?? 0))
    .map((share) => ({
      label: { is: 'share', share },
      value: `${share}`,
      entries: [{ kind: 'progress', jobId: job.id, share }],
    })),
});
