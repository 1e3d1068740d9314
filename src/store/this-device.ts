import { buildTold, offlineTold, spaceTold } from './device';
import type { Thunk } from './store';

export const watchOwnFiles =
  (): Thunk =>
  (dispatch, _getState, { ownFiles }) =>
    ownFiles.watch({
      offline: (state) => dispatch(offlineTold(state)),
      build: (state) => dispatch(buildTold(state)),
    });

export const takeNewestBuild =
  (): Thunk =>
  (_dispatch, _getState, { ownFiles }) =>
    ownFiles.takeNewest();

export const measureRoom =
  (): Thunk<Promise<void>> =>
  async (dispatch, _getState, { room }) => {
    dispatch(spaceTold(await room.measure()));
  };

/** PlanRequest when something worth keeping was just kept: then people know what for. */
export const askToLast =
  (): Thunk<Promise<void>> =>
  async (dispatch, getState, { room }) => {
    if (getState().device.lasts === true) return;
    await room.askToLast();
    await dispatch(measureRoom());
  };
