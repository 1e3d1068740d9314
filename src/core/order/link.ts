import { pairKey, type HouseToPlan } from '../house';
import { answerOf } from '../schools';
import type { Job, Tag } from '../steps';
import { buildGraph, closureBefore, type Link } from './graph';
import { RULES, type Rule, type Selector } from './rules';

function selects(selector: Selector, job: Job): boolean {
  return selector.startsWith('#')
    ? job.tags.includes(selector.slice(1) as Tag)
    : job.stepId === selector;
}

const samePlace = (a: Job, b: Job) => a.placeId === b.placeId;

const isVisitOfFloor = (job: Job) => job.placeId === null && job.floor !== null;

/** An inspector's visit to a floor sees that floor alone; what belongs to the whole house is on every floor. */
const withinReach = (a: Job, b: Job): boolean =>
  !(isVisitOfFloor(a) || isVisitOfFloor(b)) ||
  a.floor === null ||
  b.floor === null ||
  a.floor === b.floor;

function linksOfRule(rule: Rule, jobs: readonly Job[]): Link[] {
  const befores = jobs.filter((job) => selects(rule.before, job));
  const afters = jobs.filter((job) => selects(rule.after, job));
  const servedPlaces = new Set(
    rule.serves === undefined
      ? []
      : jobs.filter((job) => selects(rule.serves ?? '', job)).map((job) => job.placeId),
  );
  const meets = (before: Job, after: Job): boolean => {
    if (before.id === after.id) return false;
    if (!withinReach(before, after)) return false;
    if (rule.within === 'place') return samePlace(before, after);
    return rule.within === 'house' || servedPlaces.has(after.placeId);
  };
  return befores.flatMap((before) =>
    afters
      .filter((after) => meets(before, after))
      .map((after) => ({
        before: before.id,
        after: after.id,
        why: rule.why,
        strength: rule.strength,
      })),
  );
}

function ownLinks(jobs: readonly Job[]): Link[] {
  const known = new Set(jobs.map((job) => job.id));
  return jobs.flatMap((job) =>
    job.ownBefore
      .filter((after) => known.has(after))
      .map((after) => ({
        before: job.id,
        after,
        why: job.because[0] ?? '',
        strength: 'own' as const,
      })),
  );
}

const MOVE_IN = 'move.in';

/**
 * Works put off until somebody lives there follow the move. What comes before it cannot wait for them: such links
 * are left out, and an inspector comes again for them later.
 */
function withDeferrals(jobs: readonly Job[], links: readonly Link[]): Link[] {
  const later = new Set(jobs.filter(({ afterMoveIn }) => afterMoveIn).map(({ id }) => id));
  const move = jobs.find(({ stepId }) => stepId === MOVE_IN);
  if (later.size === 0 || !move) return [...links];
  const ids = jobs.map(({ id }) => id);
  const staying = links.filter(({ before, after }) => !later.has(before) && !later.has(after));
  const beforeMove = closureBefore(buildGraph(ids, staying), [move.id]);
  return [
    ...links.filter(({ before, after }) => !(later.has(before) && beforeMove.has(after))),
    ...[...later].map((after) => ({
      before: move.id,
      after,
      why: 'It was put off until you live there.',
      strength: 'own' as const,
    })),
  ];
}

/** Rules the household made itself, between jobs that are there. */
function ownRuleLinks(jobs: readonly Job[], { ownRules }: OwnOrder): Link[] {
  const known = new Set(jobs.map(({ id }) => id));
  return Object.values(ownRules)
    .filter(({ before, after }) => known.has(before) && known.has(after))
    .map(({ before, after, because }) => ({ before, after, why: because, strength: 'own' }));
}

export type OwnOrder = Pick<HouseToPlan, 'ownRules' | 'overruled' | 'path' | 'schools' | 'house'>;

/** A rule of a school holds while the house answers so. */
const applies = ({ school }: Rule, own: OwnOrder): boolean =>
  !school || answerOf(own, school.question) === school.answer;

/** Every link that the rules, own jobs and own rules ask for; one per pair, the first rule speaks. */
export function linkJobs(jobs: readonly Job[], own: OwnOrder): Link[] {
  const byPair = new Map<string, Link>();
  const fromRules = RULES.filter((rule) => applies(rule, own)).flatMap((rule) =>
    linksOfRule(rule, jobs),
  );
  for (const link of [...fromRules, ...ownLinks(jobs), ...ownRuleLinks(jobs, own)]) {
    const key = pairKey(link.before, link.after);
    const setAside = link.strength === 'practice' && own.overruled[key] !== undefined;
    if (!setAside && !byPair.has(key)) byPair.set(key, link);
  }
  return withDeferrals(jobs, [...byPair.values()]);
}
