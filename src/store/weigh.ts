import type { Option, Weighed } from '../core/compare';
import type { Result } from '../core/result';
import type { PlanningError } from '../workers/protocol';
import type { Thunk } from './store';

/** Weighs options against the open house, off the main thread. Nothing is kept by it. */
export const weigh =
  (
    options: readonly Option[],
    signal: AbortSignal,
  ): Thunk<Promise<Result<Weighed[], PlanningError> | undefined>> =>
  (_dispatch, getState, outside) => {
    const { project, now } = getState().session;
    if (!project) return Promise.resolve(undefined);
    return outside.planner.compare(project, now, options, signal);
  };
