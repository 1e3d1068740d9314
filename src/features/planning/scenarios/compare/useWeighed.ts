import { useEffect, useState } from 'react';
import { weighRebuild, type Comparison, type Weighed } from '@/core/planning/scenarios/compare';
import { selectProject, selectToday, useAppDispatch, useAppSelector, weigh } from '@/store';
import type { PlanningError } from '@/workers/protocol';

export type WeighedState = { weighed: Weighed[] | null; error: PlanningError | null };

/** A comparison weighed in the worker; again when the house changes. */
export function useWeighed(comparison: Comparison | undefined): WeighedState {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [state, setState] = useState<WeighedState>({ weighed: null, error: null });
  useEffect(() => {
    if (!comparison) return undefined;
    const abort = new AbortController();
    void dispatch(weigh(comparison.options, abort.signal)).then((result) => {
      if (!result || abort.signal.aborted) return;
      if (!result.ok) {
        setState({ weighed: null, error: result.error });
        return;
      }
      const [first] = result.value;
      const rebuilt =
        comparison.kind === 'rebuild' && first ? [weighRebuild(project, today, first)] : [];
      setState({ weighed: [...result.value, ...rebuilt], error: null });
    });
    return () => abort.abort();
  }, [comparison, dispatch, project, today]);
  return state;
}
