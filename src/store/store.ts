import { combineSlices, configureStore, createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import type { Outside } from './outside';
import { device } from './device';
import { createQueue, type InTurn } from './queue';
import {
  askedOf,
  firstPlanned,
  improvingBegan,
  improvingEnded,
  planned,
  planning,
  planningFailed,
} from './planning';
import type { JournalStore } from '../storage/journal';
import { readStanding, writeStanding } from '../storage/standing';
import { soonerIn } from '../core/planning/report';
import { clockRead, houseChanged, houseOpened, noHouseOpen, session, toldOf } from './session';
import { betterWords } from './words';

const rootReducer = combineSlices(session, planning, device);
export type RootState = ReturnType<typeof rootReducer>;

/** The store, and a planner that follows every change of the house: a newer edit cancels the older run. */
export function createStore(outside: Outside) {
  const listener = createListenerMiddleware<RootState>();
  listener.startListening({
    matcher: isAnyOf(houseChanged, houseOpened, clockRead),
    effect: async (_, { getState, dispatch, cancelActiveListeners, signal }) => {
      cancelActiveListeners();
      const { revision } = getState().session;
      const asked = askedOf(getState());
      const journal = getState().session.current?.journal;
      if (!asked || journal === undefined) return;
      asked.standing ??= await readStanding(outside.database, journal);
      if (signal.aborted) return;
      const result = await outside.planner.forecast(asked, signal, (forecast) => {
        if (!signal.aborted) dispatch(firstPlanned({ forecast, revision }));
      });
      if (!result || signal.aborted) return;
      dispatch(
        result.ok ? planned({ forecast: result.value, revision }) : planningFailed(result.error),
      );
    },
  });
  listener.startListening({
    actionCreator: planned,
    effect: (_, { getState }) => {
      const journal = getState().session.current?.journal;
      const { standing } = getState().planning;
      if (journal === undefined || !standing) return;
      outside.later(() => writeStanding(outside.database, journal, standing));
    },
  });
  listener.startListening({
    matcher: isAnyOf(planned, houseChanged, houseOpened, clockRead, noHouseOpen),
    effect: async (action, { getState, dispatch, cancelActiveListeners, signal }) => {
      cancelActiveListeners();
      if (!planned.match(action)) return;
      const { revision } = getState().session;
      const { forecast: before, forRevision } = getState().planning;
      const asked = askedOf(getState());
      if (!asked?.standing || !before || forRevision !== revision) return;
      await outside.untilIdle(signal);
      if (signal.aborted) return;
      dispatch(improvingBegan());
      const better = await outside.planner.improve({ ...asked, standing: asked.standing }, signal);
      dispatch(improvingEnded());
      if (signal.aborted || !better?.ok || !better.value) return;
      dispatch(planned({ forecast: better.value, revision }));
      dispatch(toldOf(betterWords(soonerIn(better.value.plan, before.plan))));
    },
  });
  return configureStore({
    reducer: rootReducer,
    middleware: (defaults) =>
      defaults({
        thunk: { extraArgument: { ...outside, inTurn: createQueue(), open: { door: null } } },
        // Journals and plans are large and only ever replaced whole.
        immutableCheck: false,
        serializableCheck: false,
      }).prepend(listener.middleware),
  });
}

export type Store = ReturnType<typeof createStore>;
export type Dispatch = Store['dispatch'];
/** The door to the open house's journal; there is one, and nobody else reads or writes it. */
type Open = { door: JournalStore | null };

export type Thunk<T = void> = (
  dispatch: Dispatch,
  getState: () => RootState,
  outside: Outside & { inTurn: InTurn; open: Open },
) => T;
