import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { Project } from '../core/house';
import type { Moment } from '../core/units';
import type { HouseEntry } from '../storage/houses';
import type { SetAside } from '../storage/rows';
import type { Settings } from '../storage/settings';

/** The last thing done, while it can still be taken back with one tap. */
export type Undoable = { eventIds: string[]; what: string };

/** Why this tab may not write to its house any more. */
export type Lost =
  /** Another tab put another journal in its place. */
  | 'replaced'
  /** Another tab took it off the device. */
  | 'removed'
  /** A newer Fresh Porch wrote to it: this page has to be loaded anew. */
  | 'newer';

export type SessionState = {
  status: 'opening' | 'no-house' | 'open' | 'failed';
  failure: string | null;
  houses: HouseEntry[];
  current: HouseEntry | null;
  project: Project | null;
  /** Grows with every kept event; a plan belongs to one revision. */
  revision: number;
  now: Moment;
  setAside: SetAside[];
  lost: Lost | null;
  undoable: Undoable | null;
  /** A sentence about something that could not be kept or read; shown until dismissed. */
  notice: string | null;
  /** What came of something asked for, when nothing went wrong. */
  told: string | null;
  settings: Settings;
};

const initialState: SessionState = {
  status: 'opening',
  failure: null,
  houses: [],
  current: null,
  project: null,
  revision: 0,
  now: 0 as Moment,
  setAside: [],
  lost: null,
  undoable: null,
  notice: null,
  told: null,
  settings: { theme: 'system' },
};

type Opened = {
  entry: HouseEntry;
  project: Project;
  setAside: SetAside[];
  now: Moment;
  lost: Lost | null;
};

export const session = createSlice({
  name: 'session',
  initialState,
  reducers: {
    housesListed: (state, { payload }: PayloadAction<HouseEntry[]>) => {
      state.houses = payload;
    },
    houseOpened: (state, { payload }: PayloadAction<Opened>) => {
      const { entry, project, setAside, now, lost } = payload;
      state.status = 'open';
      state.current = entry;
      state.project = project;
      state.setAside = setAside;
      state.now = now;
      state.lost = lost;
      state.undoable = null;
      state.revision += 1;
    },
    noHouseOpen: (state) => {
      state.status = 'no-house';
      state.current = null;
      state.project = null;
      state.lost = null;
      state.undoable = null;
      state.setAside = [];
    },
    openFailed: (
      state,
      { payload }: PayloadAction<{ entry: HouseEntry | null; reason: string }>,
    ) => {
      state.status = 'failed';
      state.current = payload.entry;
      state.failure = payload.reason;
    },
    /** The house after something was kept, taken back, or came in from another tab. */
    houseChanged: (
      state,
      { payload }: PayloadAction<{ project: Project; setAside: SetAside[] }>,
    ) => {
      state.project = payload.project;
      state.setAside = payload.setAside;
      state.revision += 1;
    },
    asideSettled: (state, { payload }: PayloadAction<SetAside[]>) => {
      state.setAside = payload;
    },
    houseLost: (state, { payload }: PayloadAction<Lost>) => {
      state.lost = payload;
      state.undoable = null;
    },
    undoOffered: (state, { payload }: PayloadAction<Undoable | null>) => {
      state.undoable = payload;
    },
    clockRead: (state, { payload }: PayloadAction<Moment>) => {
      state.now = payload;
    },
    noticed: (state, { payload }: PayloadAction<string | null>) => {
      state.notice = payload;
    },
    toldOf: (state, { payload }: PayloadAction<string | null>) => {
      state.told = payload;
    },
    settingsRead: (state, { payload }: PayloadAction<Settings>) => {
      state.settings = payload;
    },
  },
});

export const {
  housesListed,
  houseOpened,
  noHouseOpen,
  openFailed,
  houseChanged,
  asideSettled,
  houseLost,
  undoOffered,
  clockRead,
  noticed,
  toldOf,
  settingsRead,
} = session.actions;
