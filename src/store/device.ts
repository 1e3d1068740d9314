import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** How far this browser has come in keeping the whole app for use without the server. */
export type OfflineState =
  | 'storing'
  | 'stored'
  | 'failed'
  /** Plain http from another device: the browser keeps no page of those. */
  | 'not-secure'
  /** The browser has no way to, or not in a private window. */
  | 'not-possible';

/** Which build stands on screen, against the newest that is known of. */
export type BuildState =
  | 'newest'
  /** A newer one is stored and waits to be taken. */
  | 'newer-waits'
  /** Another tab has taken a newer one: files of this one may be gone. */
  | 'left-behind';

/** Room in the browser's storage, in bytes. */
type Space = { used: number; of: number };

type DeviceState = {
  offline: OfflineState;
  build: BuildState;
  space: Space | null;
  /** Whether the browser has promised not to clear what is stored. */
  lasts: boolean | null;
  /** False where the browser keeps nothing at all of this page; null until that was tried. */
  keeps: boolean | null;
  /** Whether the open house has things that two phones both spoke of, to be settled by hand. */
  toSettle: boolean;
};

type Measured = Pick<DeviceState, 'space' | 'lasts' | 'keeps'>;

const initialState: DeviceState = {
  offline: 'storing',
  build: 'newest',
  space: null,
  lasts: null,
  keeps: null,
  toSettle: false,
};

export const device = createSlice({
  name: 'device',
  initialState,
  reducers: {
    offlineTold: (state, { payload }: PayloadAction<OfflineState>) => {
      state.offline = payload;
    },
    buildTold: (state, { payload }: PayloadAction<BuildState>) => {
      state.build = payload;
    },
    settlingTold: (state, { payload }: PayloadAction<boolean>) => {
      state.toSettle = payload;
    },
    spaceTold: (state, { payload }: PayloadAction<Measured>) => {
      state.keeps = payload.keeps;
      state.space = payload.space;
      state.lasts = payload.lasts;
    },
  },
});

export const { offlineTold, buildTold, settlingTold, spaceTold } = device.actions;

/** The app's own files in this browser: kept for offline use, and renewed when somebody wants it. */
export type OwnFiles = {
  watch(tell: { offline(state: OfflineState): void; build(state: BuildState): void }): void;
  /** Loads the page anew, with the newest build. */
  takeNewest(): void;
};

/** The browser's storage: how full it is, and whether it lasts. */
export type Room = {
  measure(): Promise<Measured>;
  /** Asks the browser to keep what is stored; true when it promised. */
  askToLast(): Promise<boolean>;
};
