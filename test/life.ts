import { idOf } from '../src/core/testing/ids';
import type { Project } from '../src/core/house';
import type { EventBodyOf } from '../src/core/journal';
import { STARTED, added, chosen, place } from '../src/core/testing/houses';
import { plainDate } from '../src/core/units';
import { journalOf } from '../src/storage/keys';
import { readHouses } from '../src/storage/houses';
import {
  createStore,
  exportHouse,
  hearTabs,
  importHouse,
  keep,
  openCurrent,
  openDemo,
  startHouse,
  takePhoto,
  undoLast,
  wipeHouse,
  type Outside,
  type Store,
} from '../src/store';
import { testOutside, type TestDatabase, type TestDevice } from './outside';

export const START = [STARTED, added(place('a')), chosen('a', 'reline')];

export const evening = (nth: number): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: idOf(`log-${nth}`),
    date: plainDate('2026-01-06'),
    line: `evening ${nth}`,
    entries: [{ kind: 'note', text: `evening ${nth}`, placeId: null }],
  },
});

export async function opened(
  on: TestDatabase | TestDevice,
  name = 'a',
  tab?: Outside['tab'],
): Promise<Store> {
  const store = createStore(testOutside(on, name, tab));
  store.dispatch(hearTabs());
  await store.dispatch(openCurrent());
  return store;
}

export const projectOf = (store: Store): Project | null => store.getState().session.project;
export const noticeOf = (store: Store): string | null => store.getState().session.notice;
export const linesOf = (store: Store): string[] =>
  Object.values(projectOf(store)?.days ?? {}).map(({ line }) => line);

/** Keeps some evenings, one after another. */
export async function keepEvenings(store: Store, from: number, to: number): Promise<void> {
  for (let nth = from; nth <= to; nth += 1) await store.dispatch(keep([evening(nth)], 'kept'));
}

/** The open house as one text. */
export const fileOf = async (store: Store): Promise<string> =>
  (await store.dispatch(exportHouse())).text();

/** What somebody does with the app: resolves to whether the screen would say it was done. */
export type Command = (store: Store) => Promise<boolean>;

const done =
  (work: (store: Store) => Promise<unknown>): Command =>
  (store) =>
    work(store).then(
      (value) => value !== false && (value as { ok?: boolean } | undefined)?.ok !== false,
      () => false,
    );

export const start: Command = done((store) => store.dispatch(startHouse(START, 'Test house')));
export const keepOne = (...bodies: EventBodyOf[]): Command =>
  done((store) => store.dispatch(keep(bodies, 'kept')));

/** A short life: every command once, each resolving once the screen would say it is kept. */
export const LIFE: readonly Command[] = [
  start,
  keepOne(evening(1)),
  keepOne(evening(2), added(place('b'))),
  done((store) => store.dispatch(undoLast())),
  keepOne(evening(3)),
  done((store) => store.dispatch(takePhoto(new Blob(['picture']), idOf('a'), 'floor'))),
  done(async (store) => store.dispatch(importHouse(await fileOf(store), { replace: true }))),
  keepOne(evening(4)),
  done((store) => store.dispatch(openDemo())),
  keepOne(evening(5)),
  done((store) => store.dispatch(openDemo({ afresh: true }))),
  done((store) => store.dispatch(wipeHouse())),
  keepOne(evening(6)),
];

/** Rows that belong to no house of this device. */
export async function unreachable(database: TestDatabase): Promise<string[]> {
  const { entries } = await readHouses(database);
  const journals = new Set(entries.map(({ journal }) => journal));
  return [...database.rows.keys()].filter((key) => {
    const journal = journalOf(key);
    return journal !== undefined && (!journals.has(journal) || key.startsWith('arriving/'));
  });
}
