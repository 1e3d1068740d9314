import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import { type Forecast, type Standing, standingOf } from '../core/planning/report';
import { planningInputOf } from '../core/house';
import type { PlanRequest } from '../workers/planner';
import type { PlanningError } from '../workers/protocol';
import { clockRead, houseChanged, houseOpened, noHouseOpen, type SessionState } from './session';

export type PlanningState = {
  /** The journal all this is planned of. */
  journal: string | null;
  /** The last answer stays on screen while a newer one is worked out. */
  forecast: Forecast | null;
  forRevision: number;
  /** What stood before the last change: what moved since is told against it. Null where nothing did, or nobody knows. */
  before: Forecast | null;
  /** The plan people go by: the last one improved, of this visit or the one before. */
  standing: Standing | null;
  working: boolean;
  /** Nobody waits, and a better plan than the one on screen is looked for. */
  improving: boolean;
  error: PlanningError | null;
};

const initialState: PlanningState = {
  journal: null,
  forecast: null,
  forRevision: -1,
  before: null,
  standing: null,
  working: false,
  improving: false,
  error: null,
};

/** The last plan of an earlier state of the house becomes the one before. */
function setBefore(state: PlanningState, revision: number): void {
  if (revision !== state.forRevision) state.before = state.forecast;
}

export const planning = createSlice({
  name: 'planning',
  initialState,
  reducers: {
    /** A plan that will do while a better one is looked for. */
    firstPlanned: (state, { payload }: PayloadAction<{ forecast: Forecast; revision: number }>) => {
      setBefore(state, payload.revision);
      state.forecast = payload.forecast;
      state.forRevision = payload.revision;
      state.error = null;
    },
    planned: (state, { payload }: PayloadAction<{ forecast: Forecast; revision: number }>) => {
      setBefore(state, payload.revision);
      state.forecast = payload.forecast;
      state.forRevision = payload.revision;
      state.standing = standingOf(payload.forecast.plan);
      state.working = false;
      state.error = null;
    },
    improvingBegan: (state) => {
      state.improving = true;
    },
    improvingEnded: (state) => {
      state.improving = false;
    },
    planningFailed: (state, { payload }: PayloadAction<PlanningError>) => {
      state.working = false;
      state.error = payload;
    },
  },
  // From the change itself on, not only once somebody has begun to plan.
  extraReducers: (builder) => {
    builder.addCase(noHouseOpen, () => initialState);
    // Another house, or this one put in place anew: the plan before says nothing of it.
    builder.addCase(houseOpened, (state, { payload: { entry } }) =>
      entry.journal === state.journal ? state : { ...initialState, journal: entry.journal },
    );
    builder.addMatcher(isAnyOf(houseChanged, houseOpened, clockRead), (state) => {
      state.working = true;
    });
  },
});

/** What the planner is asked about, of the house that is open; undefined when none is. */
export function askedOf({
  session,
  planning: { standing },
}: {
  session: SessionState;
  planning: PlanningState;
}): PlanRequest | undefined {
  const { project, now } = session;
  return project ? { house: planningInputOf(project), now, standing } : undefined;
}

export const { improvingBegan, improvingEnded, firstPlanned, planned, planningFailed } =
  planning.actions;
