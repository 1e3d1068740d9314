import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { type Project } from '../core/house';
import { applyEvent, type JournalEvent } from '../core/journal';
import type { Moment } from '../core/units';
import type { SetAside } from '../storage/journal';
import type { Registry, RegistryEntry, Settings } from '../storage/registry';

/** The last thing done, while it can still be taken back with one tap. */
export type Undoable = { eventIds: string[]; what: string };

export type SessionState = {
  status: 'opening' | 'no-house' | 'open' | 'failed';
  failure: string | null;
  projects: RegistryEntry[];
  current: RegistryEntry | null;
  project: Project | null;
  /** Grows with every kept event; a plan belongs to one revision. */
  revision: number;
  now: Moment;
  setAside: SetAside[];
  undoable: Undoable | null;
  /** A sentence about something that could not be kept or read; shown until dismissed. */
  notice: string | null;
  settings: Settings;
};

const initialState: SessionState = {
  status: 'opening',
  failure: null,
  projects: [],
  current: null,
  project: null,
  revision: 0,
  now: 0 as Moment,
  setAside: [],
  undoable: null,
  notice: null,
  settings: { theme: 'system' },
};

export const session = createSlice({
  name: 'session',
  initialState,
  reducers: {
    registryRead: (state, { payload }: PayloadAction<Registry>) => {
      state.projects = payload.projects;
      state.current = payload.projects.find(({ id }) => id === payload.currentId) ?? null;
      if (!state.current) {
        state.status = 'no-house';
        state.project = null;
        state.undoable = null;
      }
    },
    houseOpened: (
      state,
      { payload }: PayloadAction<{ project: Project; setAside: SetAside[]; now: Moment }>,
    ) => {
      state.status = 'open';
      state.project = payload.project;
      state.setAside = payload.setAside;
      state.now = payload.now;
      state.revision += 1;
    },
    openFailed: (state, { payload }: PayloadAction<string>) => {
      state.status = 'failed';
      state.failure = payload;
    },
    eventsKept: (state, { payload }: PayloadAction<readonly JournalEvent[]>) => {
      state.project = payload.reduce<Project | null>(applyEvent, state.project);
      state.revision += 1;
    },
    /** After an undo the journal is read again from its start. */
    projectRebuilt: (state, { payload }: PayloadAction<Project>) => {
      state.project = payload;
      state.revision += 1;
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
    settingsRead: (state, { payload }: PayloadAction<Settings>) => {
      state.settings = payload;
    },
  },
});

export const {
  registryRead,
  houseOpened,
  openFailed,
  eventsKept,
  projectRebuilt,
  undoOffered,
  clockRead,
  noticed,
  settingsRead,
} = session.actions;
