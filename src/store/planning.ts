import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Forecast } from '../core/plan';
import type { PlanningError } from '../workers/protocol';

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
    planningBegun: (state) => {
      state.working = true;
    },
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
    planForgotten: () => initialState,
  },
});

export const { planningBegun, firstPlanned, planned, planningFailed, planForgotten } =
  planning.actions;
