import { isOutside, pairKey, relationsOf, type PlaceId } from '../../house';
import { answerOf } from '../practices';
import { WORKS, operationOf, type Job } from '../steps';
import { buildGraph, closureBefore, type Link } from './graph';
import { JOINED, type End, type JoinedCell } from './joined';
import { orderBetween, touches, type Ordering } from './table';
import { placedIn, type Placed } from './placed';
import type { OwnOrder } from './own-order';
import { pairRules, RULES, selects } from './pairs';
import type { Rule } from './rules';

/** Of baths or kitchens that are renewed one after the other, which is the how-manieth; others are missing. */
export type RenewalSequence = ReadonlyMap<PlaceId, number>;

/** A rule of a practice holds while the house answers so. */
const holds = ({ practice }: Rule, own: OwnOrder): boolean =>
  !practice || answerOf(own, practice.question) === practice.answer;

/** Two openings that change in one room are two chains, which do not wait for each other. */
const isPerChoice = ({ stepId }: Placed): boolean => stepId !== null && PER_CHOICE.has(stepId);
const PER_CHOICE = new Set(WORKS.flatMap(({ stepsPerChoice }) => stepsPerChoice ?? []));

const linkOf = (before: Job, after: Job, { why, strength }: Ordering): Link => ({
  before: before.id,
  after: after.id,
  why,
  strength,
});

/** Between the steps of one place: the closest sentence that holds, else the table's. */
function linksWithin(members: readonly Placed[], own: OwnOrder, add: (link: Link) => void): void {
  for (const a of members) {
    for (const b of members) {
      if (a === b || a.key >= b.key) continue;
      if (a.job.nth !== b.job.nth && isPerChoice(a) && isPerChoice(b)) continue;
      const rule = pairRules(a.stepId, b.stepId)?.find((each) => holds(each, own));
      const order = rule ?? orderBetween(a, b);
      if (!order) continue;
      const link = linkOf(a.job, b.job, order);
      add(rule?.leadDays ? { ...link, leadDays: rule.leadDays } : link);
    }
  }
}

const isAt = ({ low, high, touching }: End, placed: Placed): boolean =>
  placed.key >= low && placed.key <= high && (touching === null || touches(placed, touching));

/** Between places that belong together. */
function linksBetween(
  placed: ReadonlyMap<PlaceId, readonly Placed[]>,
  own: OwnOrder,
  sequence: RenewalSequence,
  add: (link: Link) => void,
): void {
  const cells = new Map<string, JoinedCell[]>();
  for (const cell of JOINED) cells.set(cell.relation, [...(cells.get(cell.relation) ?? []), cell]);
  for (const { kind, from, to, told } of relationsOf(own)) {
    for (const cell of cells.get(kind) ?? []) {
      const [first, second] = cell.forwards ? [from, to] : [to, from];
      if (cell.inside && isOutside(own.places[second]?.kind ?? 'yard')) continue;
      if (cell.onlyIn && own.places[second]?.kind !== cell.onlyIn) continue;
      // What waits its turn is not waited for.
      if ((sequence.get(first) ?? 1) > (sequence.get(second) ?? 1)) continue;
      const befores = (placed.get(first) ?? []).filter((each) => isAt(cell.before, each));
      const afters = (placed.get(second) ?? []).filter((each) => isAt(cell.after, each));
      const strength = told ? cell.strength : (cell.whenGuessed ?? cell.strength);
      for (const before of befores) {
        for (const after of afters) {
          // A visit or a permit may be in both places; only what rises is ever a link.
          if (before.job.id === after.job.id || before.key >= after.key) continue;
          add(linkOf(before.job, after.job, { why: cell.why, strength }));
        }
      }
    }
  }
}

const BACK_IN_USE: ReadonlySet<string> = new Set([
  'fit.toilet',
  'fit.basin',
  'fit.bath',
  'fit.sink',
  'fit.appliances',
]);

/** From shutting off to hauling away: what puts a room out of use. */
const OPENING_UP = { from: 1.9, to: 2.999 };

/** A household that stays keeps one of two baths, or kitchens, to use: the next is opened when the last works again. */
function linksOfSequence(
  jobs: readonly Job[],
  own: OwnOrder,
  sequence: RenewalSequence,
  add: (link: Link) => void,
): void {
  const kindOf = (id: PlaceId | null) => (id === null ? undefined : own.places[id]?.kind);
  const rankOf = ({ placeId }: Job) => (placeId === null ? undefined : sequence.get(placeId));
  for (const after of jobs) {
    const rank = rankOf(after);
    const key = operationOf(after.stepId ?? '')?.key ?? 0;
    if (rank === undefined || key < OPENING_UP.from || key > OPENING_UP.to) continue;
    for (const before of jobs) {
      if (!BACK_IN_USE.has(before.stepId ?? '') || rankOf(before) !== rank - 1) continue;
      if (kindOf(before.placeId) !== kindOf(after.placeId)) continue;
      add(
        linkOf(before, after, {
          strength: 'practice',
          why: 'You keep one to use: this is opened when the other works again.',
        }),
      );
    }
  }
}

/** Rules that reach through the whole house. */
function linksOfHouse(jobs: readonly Job[], own: OwnOrder, add: (link: Link) => void): void {
  for (const rule of RULES) {
    if (rule.within !== 'house' || !holds(rule, own)) continue;
    const befores = jobs.filter((job) => selects(rule.before, job));
    const afters = befores.length > 0 ? jobs.filter((job) => selects(rule.after, job)) : [];
    for (const before of befores) {
      for (const after of afters) {
        if (before.id === after.id) continue;
        add({
          ...linkOf(before, after, rule),
          ...(rule.leadDays ? { leadDays: rule.leadDays } : {}),
        });
      }
    }
  }
}

function ownLinks(jobs: readonly Job[]): Link[] {
  const known = new Set(jobs.map((job) => job.id));
  return jobs.flatMap((job) => {
    const own = { why: job.because[0] ?? '', strength: 'own' as const };
    const why = job.part === 'rest' ? 'It is the rest of a job you split.' : own.why;
    return [
      ...job.ownBefore
        .filter((after) => known.has(after))
        .map((after) => ({ before: job.id, after, ...own })),
      ...job.ownAfter
        .filter((before) => known.has(before))
        .map((before) => ({ before, after: job.id, ...own, why })),
    ];
  });
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

/** Every link that table, rules, own jobs and own rules ask for; one per pair, the first speaks. */
export function linkJobs(jobs: readonly Job[], own: OwnOrder, sequence: RenewalSequence): Link[] {
  const byPair = new Map<string, Link>();
  const add = (link: Link): void => {
    const key = pairKey(link.before, link.after);
    if (byPair.has(key)) return;
    if (link.strength === 'practice' && own.overruled[key] !== undefined) return;
    byPair.set(key, link);
  };
  const placed = placedIn(jobs, own);
  for (const members of placed.values()) linksWithin(members, own, add);
  linksBetween(placed, own, sequence, add);
  linksOfSequence(jobs, own, sequence, add);
  linksOfHouse(jobs, own, add);
  for (const link of [...ownLinks(jobs), ...ownRuleLinks(jobs, own)]) add(link);
  return withDeferrals(jobs, [...byPair.values()]);
}
