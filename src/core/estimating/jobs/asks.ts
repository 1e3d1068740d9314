import {
  hasNothingToTakeOut,
  isOutside,
  placesInOrder,
  stateOf,
  type PlanningInput,
  type JobId,
  type OpeningChange,
  type Place,
  type PlaceId,
  type PlaceKind,
} from '../../house';
import { renewalSequence, scopeOf, type ScopeItem } from '../../survey/scope';
import { operationOf, verbOf } from '../../trade/steps/operations';
import { supersededIn } from './superseded';
import { jobIdFor } from '../../trade/steps/job-id';
import { findStep } from '../../trade/steps/library';
import type { Step } from '../../trade/steps/step';
import { ALWAYS, findWork, stepsOf, type Work } from '../../trade/steps/works';

const HOUSE = 'house';

/** Kinds of place a household has one of, or has to do without. */
const ONLY_ONES: ReadonlySet<PlaceKind> = new Set(['bathroom', 'kitchen']);

function isOnlyOne(place: Place | undefined, project: PlanningInput): boolean {
  if (!place || !ONLY_ONES.has(place.kind)) return false;
  const alike = placesInOrder(project).filter(
    (other) => other.kind === place.kind && stateOf(project, other) === 'finished',
  );
  return alike.length === 1 && alike[0]?.id === place.id;
}

function applies(step: Step, project: PlanningInput, place: Place | undefined): boolean {
  const { builtBefore, occupancy, onlyOne } = step.onlyIf ?? {};
  if (builtBefore !== undefined && project.house.yearBuilt >= builtBefore) return false;
  if (occupancy !== undefined && project.house.occupancy !== occupancy) return false;
  return !onlyOne || isOnlyOne(place, project);
}

const OPENS = 2;
const ROUND_DEMOLITION: ReadonlySet<string> = new Set([
  'survey.test',
  'safe.dust-wall',
  'site.bin',
  'pieces.here',
]);

/** Where nothing stands there is nothing to test, to wall off or to take out. */
const isForOld = (stepId: string): boolean =>
  ROUND_DEMOLITION.has(stepId) || verbOf(operationOf(stepId)?.key ?? 0) === OPENS;

/** How often a step is asked for, by which works, and for which places. */
type Ask = {
  count: number;
  because: string[];
  deferred: boolean;
  serves: PlaceId[];
};
type Wanted = Omit<Ask, 'serves'> & { work: Work; nth: number; opening?: OpeningChange };

/** The works of a place: one asked for by hand and on the walk is still one, as large as the larger asks. */
function worksWantedIn(place: Place, scope: readonly ScopeItem[]): Wanted[] {
  const byWork = new Map<string, Wanted>();
  for (const { placeId, workId, count, because, deferred, nth, opening } of scope) {
    const work = findWork(workId);
    if (placeId !== place.id || !work) continue;
    const key = work.stepsPerChoice ? `${workId}#${nth}` : workId;
    const wanted = byWork.get(key);
    byWork.set(key, {
      work,
      nth: work.stepsPerChoice ? nth : 1,
      opening: opening ?? wanted?.opening,
      count: work.counted ? Math.max(count, wanted?.count ?? 0) : 1,
      because: [...(wanted?.because ?? []), because],
      deferred: deferred && (wanted?.deferred ?? true),
    });
  }
  return [...byWork.values()];
}

/** Asks by job id: one job however many works ask for it. */
export type StepRequest = Ask & { step: Step; where: Place | number | null; nth: number };
type Asks = Map<string, StepRequest>;

/** Visits of a floor, and the removal firm: each phase of the work has its own. */
const isPhased = (step: Step): boolean => step.at === 'floor' || step.id === 'safe.abate';

/** What was booked, seen or logged for a whole floor stays one visit for the whole floor. */
function isOnRecord(project: PlanningInput, id: string): boolean {
  return (
    project.inspections.some(({ jobId }) => jobId === id) ||
    id in project.bookings ||
    id in project.ticked ||
    id in project.logged
  );
}

/**
 * Jobs whose phase is the room: with room by room each room that asks is visited when it is ready, and so are baths
 * that are renewed in turn; what is framed outside keeps no room inside waiting.
 */
function splitByPhase(asks: Asks, project: PlanningInput): Asks {
  const sequence = renewalSequence(project);
  const split: Asks = new Map();
  for (const [id, ask] of asks) {
    const places = ask.serves.flatMap((placeId) => project.places[placeId] ?? []);
    if (!isPhased(ask.step) || places.length < 2 || isOnRecord(project, id)) {
      split.set(id, ask);
      continue;
    }
    const isAll = project.path === 'rooms' || places.some((place) => sequence.has(place.id));
    const isInside = places.some(({ kind }) => !isOutside(kind));
    const apart = places.filter(({ kind }) => isAll || (isInside && isOutside(kind)));
    const together = places.filter((place) => !apart.includes(place)).map((place) => place.id);
    if (together.length > 0) split.set(id, { ...ask, serves: together });
    for (const place of apart) {
      split.set(jobIdFor(place.id, ask.step.id), { ...ask, where: place, serves: [] });
    }
  }
  return split;
}

function whereOf(step: Step, place: Place): Place | number | null {
  return step.at === 'place' ? place : step.at === 'floor' ? place.floor : null;
}

const idOf = (step: Step, where: Place | number | null, nth: number): JobId =>
  jobIdFor(
    where === null ? HOUSE : typeof where === 'number' ? `floor${where}` : where.id,
    nth > 1 ? `${step.id}#${nth}` : step.id,
  );

/** Everything the chosen works ask for in their places, and what every house needs. */
export function collectAsks(project: PlanningInput): Asks {
  const asks: Asks = new Map();
  const ask = (
    step: Step,
    place: Place | null,
    wanted: Omit<Ask, 'serves'>,
    nth: number,
    isCounted = false,
  ): void => {
    const where = place === null ? null : whereOf(step, place);
    // What is put off until after the move has its own visit; the first has passed by then.
    const phase = isPhased(step) && wanted.deferred ? 2 : nth;
    const id = idOf(step, where, phase);
    const known = asks.get(id);
    asks.set(id, {
      step,
      where,
      nth: phase,
      // Two windows and a door are three to case; the cable of a room is pulled once, whoever asks for it.
      count: isCounted
        ? (known?.count ?? 0) + wanted.count
        : Math.max(known?.count ?? 0, wanted.count),
      deferred: wanted.deferred && (known?.deferred ?? true),
      because: [...new Set([...(known?.because ?? []), ...wanted.because])],
      serves:
        place === null || step.at === 'place'
          ? []
          : [...new Set([...(known?.serves ?? []), place.id])],
    });
  };
  for (const stepId of ALWAYS) {
    const step = findStep(stepId);
    const always = { count: 1, because: ['Every house needs it'], deferred: false };
    if (step && applies(step, project, undefined)) ask(step, null, always, 1);
  }
  const scope = scopeOf(project);
  const isPast = supersededIn(project);
  for (const place of placesInOrder(project)) {
    const isNew = hasNothingToTakeOut(stateOf(project, place));
    for (const wanted of worksWantedIn(place, scope)) {
      const asked = { opening: wanted.opening, count: wanted.count, kind: place.kind };
      for (const stepId of stepsOf(wanted.work, asked)) {
        const step = findStep(stepId);
        if (!step || !applies(step, project, place) || (isNew && isForOld(stepId))) continue;
        if (isPast(wanted.work.id, place.id, stepId)) continue;
        ask(
          step,
          place,
          wanted,
          wanted.work.stepsPerChoice?.includes(stepId) ? wanted.nth : 1,
          wanted.work.counted !== undefined,
        );
      }
    }
  }
  return splitByPhase(asks, project);
}
