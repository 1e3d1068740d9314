import { combineSlices, configureStore, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import type { Outside } from './outside';
import { createQueue, type InTurn } from './queue';
import {
  firstPlanned,
  planForgotten,
  planned,
  planning,
  planningBegun,
  planningFailed,
} from './planning';
import {
  clockRead,
  eventsKept,
  houseOpened,
  projectRebuilt,
  registryRead,
  session,
} from './session';

const rootReducer = combineSlices(session, planning);
export type RootState = ReturnType<typeof rootReducer>;

/** The store, and a planner that follows every change of the house: a newer edit cancels the older run. */
export function createStore(outside: Outside) {
  const listener = createListenerMiddleware<RootState>();
  listener.startListening({
    matcher: isAnyOf(eventsKept, houseOpened, projectRebuilt, clockRead),
    effect: async (_, { getState, dispatch, cancelActiveListeners, signal }) => {
      cancelActiveListeners();
      const { project, now, revision } = getState().session;
      if (!project) return;
      dispatch(planningBegun());
      const result = await outside.planner.forecast(project, now, signal, (forecast) => {
        if (!signal.aborted) dispatch(firstPlanned({ forecast, revision }));
      });
      if (!result || signal.aborted) return;
      dispatch(
        result.ok ? planned({ forecast: result.value, revision }) : planningFailed(result.error),
      );
    },
  });
  listener.startListening({
    actionCreator: registryRead,
    effect: (_, { getState, getOriginalState, dispatch }) => {
      const before = getOriginalState().session.current?.id;
      if (before !== getState().session.current?.id) dispatch(planForgotten());
    },
  });
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: { ...outside, inTurn: createQueue() } },
        // Journals and plans are large and only ever replaced whole.
        immutableCheck: false,
        serializableCheck: false,
      }).prepend(listener.middleware),
  });
}

export type Store = ReturnType<typeof createStore>;
export type Dispatch = Store['dispatch'];
export type Thunk<T = void> = (
  dispatch: Dispatch,
  getState: () => RootState,
  outside: Outside & { inTurn: InTurn },
) => T;
