import { findStep, type Step } from '../../trade/steps';
import { dateOf, moment, type PlainDate } from '../../units';
import type { GateSummary, Plan } from './plan';
import { wayTo } from './way';

/** What holds today in a house that is lived in and is taken away by work: from its first day to the day it holds again. */
export function takenAway(
  plan: Plan,
  { met, openJobIds }: Pick<GateSummary['conditions'][number], 'met' | 'openJobIds'>,
): { from: PlainDate; to: PlainDate } | null {
  if (!met || openJobIds.length === 0) return null;
  const { finish } = wayTo(plan, openJobIds);
  const open = plan.jobs.filter(({ id }) => openJobIds.includes(id));
  const places = new Set(open.map(({ placeId }) => placeId));
  const openers = plan.jobs.filter(
    ({ placeId, stepId, doneOn }) =>
      doneOn === null && places.has(placeId) && isOpening(findStep(stepId ?? '')),
  );
  const first = Math.min(...openers.map(({ start }) => start));
  return finish === null || first === Infinity ? null : { from: dateOf(moment(first)), to: finish };
}

const isOpening = (step: Step | undefined): boolean => step?.tags.includes('opens-up') === true;
