import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { Forecast } from '../core/plan';
import type { PlanningError } from '../workers/protocol';
import { clockRead, houseChanged, houseOpened, noHouseOpen } from './session';

export type PlanningState = {
  /** The last answer stays on screen while a newer one is worked out. */
  forecast: Forecast | null;
  forRevision: number;
  working: boolean;
  error: PlanningError | null;
};

const initialState: PlanningState = {
  forecast: null,
  forRevision: -1,
  working: false,
  error: null,
};

export const planning = createSlice({
  name: 'planning',
  initialState,
  reducers: {
    /** A plan that will do while a better one is looked for. */
    firstPlanned: (state, { payload }: PayloadAction<{ forecast: Forecast; revision: number }>) => {
      state.forecast = payload.forecast;
      state.forRevision = payload.revision;
      state.error = null;
    },
    planned: (state, { payload }: PayloadAction<{ forecast: Forecast; revision: number }>) => {
      state.forecast = payload.forecast;
      state.forRevision = payload.revision;
      state.working = false;
      state.error = null;
    },
    planningFailed: (state, { payload }: PayloadAction<PlanningError>) => {
      state.working = false;
      state.error = payload;
    },
    /** Another house: its plan is under way, the one before says nothing of it. */
    planForgotten: (state) => ({ ...initialState, working: state.working }),
  },
  // From the change itself on, not only once somebody has begun to plan.
  extraReducers: (builder) => {
    builder.addCase(noHouseOpen, () => initialState);
    builder.addMatcher(isAnyOf(houseChanged, houseOpened, clockRead), (state) => {
      state.working = true;
    });
  },
});

export const { firstPlanned, planned, planningFailed, planForgotten } = planning.actions;
