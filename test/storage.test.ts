import { type Project } from '../src/core/house';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '../src/core/journal';
import { STARTED, added, chosen, place } from '../src/core/testing/houses';
import { plainDate } from '../src/core/units';
import { JournalDoor } from '../src/storage/journal';
import { readRegistry } from '../src/storage/registry';
import {
  createStore,
  exportHouse,
  importHouse,
  loadPhoto,
  takePhoto,
  keep,
  openCurrent,
  openDemo,
  startHouse,
  undoLast,
  wipeHouse,
  type Store,
} from '../src/store';
import { FullDatabase, TestDatabase, testOutside } from './outside';

const START = [STARTED, added(place('a')), chosen('a', 'reline')];
const evening = (nth: number): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: `log-${nth}` as never,
    date: plainDate('2026-01-06'),
    line: `evening ${nth}`,
    entries: [{ kind: 'note', text: `evening ${nth}`, placeId: null }],
  },
});

async function opened(database: TestDatabase, name = 'a'): Promise<Store> {
  const store = createStore(testOutside(database, name));
  await store.dispatch(openCurrent());
  return store;
}
const projectOf = (store: Store): Project | null => store.getState().session.project;
const linesOf = (store: Store): string[] =>
  Object.values(projectOf(store)?.days ?? {}).map(({ line }) => line);

/** Every command of a life with the app, in order; each resolves once the screen would say it is kept. */
const LIFE: readonly ((store: Store) => Promise<unknown>)[] = [
  (store) => store.dispatch(startHouse(START, 'Test house')),
  (store) => store.dispatch(keep([evening(1)], 'kept')),
  (store) => store.dispatch(keep([evening(2), added(place('b'))], 'kept')),
  (store) => store.dispatch(undoLast()),
  (store) => store.dispatch(keep([evening(3)], 'kept')),
  async (store) => {
    const text = await store.dispatch(exportHouse());
    await store.dispatch(keep([evening(4)], 'kept'));
    await store.dispatch(importHouse(text, { replace: true }));
  },
  (store) => store.dispatch(openDemo()),
];

/** What the screen shows after each command when nothing goes wrong. */
async function undisturbed(): Promise<{ states: (Project | null)[]; writes: number }> {
  const database = new TestDatabase();
  const store = await opened(database);
  const states = [projectOf(store)];
  for (const command of LIFE) {
    await command(store);
    states.push(projectOf(store));
  }
  return { states, writes: database.writes };
}

const settled = () => new Promise((resolve) => setImmediate(resolve));

describe('a page that is killed', () => {
  it('at any write: what was acknowledged is there, and nothing that was never said', async () => {
    const { states, writes } = await undisturbed();
    expect(writes).toBeGreaterThan(10);
    for (let steps = 0; steps < writes; steps += 1) {
      const database = new TestDatabase().killAfter(steps);
      const store = await opened(database);
      let acknowledged = 0;
      void (async () => {
        for (const command of LIFE) {
          await command(store);
          acknowledged += 1;
        }
      })();
      for (let turn = 0; turn < 40; turn += 1) await settled();
      const after = projectOf(await opened(database.restarted()));
      const inFlight = [states[acknowledged], states[acknowledged + 1]];
      // The sixth command keeps an evening before it imports: its half is the state in between.
      const halfway = acknowledged === 5 ? [withEvening(states[5] ?? null, 4)] : [];
      expect([...inFlight, ...halfway]).toContainEqual(after);
    }
  });
});

const withEvening = (project: Project | null, nth: number): Project | null => {
  const event = evening(nth);
  return project && event.type === 'dayLogged'
    ? { ...project, days: { ...project.days, [event.payload.id]: event.payload } }
    : null;
};

describe('a record that does not read', () => {
  it.each([
    ['is torn', '[{"id":"x"'],
    [
      'is of a kind from a newer version',
      JSON.stringify([{ ...stamp(7), type: 'flood', payload: {} }]),
    ],
    [
      'holds a bad payload',
      JSON.stringify([{ ...stamp(7), type: 'workDropped', payload: { no: 1 } }]),
    ],
  ])('%s: it is set aside, said, kept as it is, and the rest opens', async (_, raw) => {
    const database = new TestDatabase();
    const store = await opened(database);
    await LIFE[0]?.(store);
    await LIFE[1]?.(store);
    const { journal } = (await readRegistry(database)).projects[0] ?? { journal: '' };
    const key = `event/${journal}/0000000007-x-y`;
    database.rows.set(key, raw);
    const again = await opened(database.restarted());
    expect(linesOf(again)).toEqual(['evening 1']);
    expect(again.getState().session.setAside).toEqual([expect.objectContaining({ key, raw })]);
    await again.dispatch(keep([evening(2)], 'kept'));
    expect(linesOf(await opened(database.restarted()))).toEqual(['evening 1', 'evening 2']);
    expect(database.rows.get(key)).toBe(raw);
  });

  it('a registry that does not read is rebuilt from the journals', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await LIFE[0]?.(store);
    database.rows.set('projects', '{');
    expect(projectOf(await opened(database.restarted()))).toEqual(projectOf(store));
  });
});

describe('a device without room', () => {
  it('says so, changes nothing, and keeps what was there', async () => {
    const database = new TestDatabase();
    await LIFE[0]?.(await opened(database));
    const full = await opened(new FullDatabase(database.rows));
    const before = projectOf(full);
    expect(await full.dispatch(keep([evening(1)], 'kept'))).toBe(false);
    expect(projectOf(full)).toEqual(before);
    expect(full.getState().session.notice).toMatch(/could not be kept/);
  });
});

describe('a snapshot', () => {
  it('is only a cache: thrown away, stale or torn, the same house opens', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await LIFE[0]?.(store);
    for (let nth = 1; nth <= 30; nth += 1) await store.dispatch(keep([evening(nth)], 'kept'));
    const { journal } = (await readRegistry(database)).projects[0] ?? { journal: '' };
    const key = `snapshot/${journal}`;
    await opened(database.restarted());
    const snapshot = database.rows.get(key) ?? '';
    expect(snapshot).not.toBe('');
    await store.dispatch(undoLast());
    const expected = projectOf(store);
    for (const cache of [snapshot, '{"records":3', snapshot.replace('evening 3', 'evening X')]) {
      database.rows.set(key, cache);
      const now = projectOf(await opened(database.restarted()));
      expect(Object.keys(now?.days ?? {})).toEqual(Object.keys(expected?.days ?? {}));
    }
    database.rows.delete(key);
    expect(projectOf(await opened(database.restarted()))).toEqual(expected);
  });
});

describe('two tabs', () => {
  it('write side by side; neither overwrites the other, and both see everything', async () => {
    const database = new TestDatabase();
    const one = await opened(database, 'one');
    await LIFE[0]?.(one);
    const two = await opened(database, 'two');
    await Promise.all([
      one.dispatch(keep([evening(1)], 'kept')),
      two.dispatch(keep([evening(2)], 'kept')),
    ]);
    await one.dispatch(openCurrent());
    expect(linesOf(one).toSorted()).toEqual(['evening 1', 'evening 2']);
    expect(linesOf(await opened(database.restarted()))).toEqual(linesOf(one));
  });
});

describe('houses side by side', () => {
  it('the demo never touches a house of one’s own, and a wiped house leaves the others', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await LIFE[0]?.(store);
    await LIFE[1]?.(store);
    const own = projectOf(store);
    await store.dispatch(openDemo());
    expect(projectOf(store)?.house.name).toBe('Old bakery, Quince Lane');
    await store.dispatch(keep([evening(9)], 'kept'));
    await store.dispatch(openDemo({ afresh: true }));
    expect(linesOf(store)).not.toContain('evening 9');
    await store.dispatch(wipeHouse());
    expect(projectOf(store)).toEqual(own);
    expect([...database.rows.keys()].filter((key) => key.startsWith('event/')).length).toBe(
      (await journalEvents(database)).length,
    );
  });

  it('a file comes back identical: same house, same text', async () => {
    const store = await opened(new TestDatabase());
    for (const command of LIFE.slice(0, 5)) await command(store);
    const [text, project] = [await store.dispatch(exportHouse()), projectOf(store)];
    await store.dispatch(wipeHouse());
    expect(projectOf(store)).toBeNull();
    expect(await store.dispatch(importHouse(text))).toEqual({ ok: true, value: 'Test house' });
    expect(projectOf(store)).toEqual(project);
    expect(await store.dispatch(exportHouse())).toBe(text);
    expect(await store.dispatch(importHouse(text))).toMatchObject({
      ok: false,
      error: { code: 'already-here' },
    });
  });
});

async function journalEvents(database: TestDatabase): Promise<JournalEvent[]> {
  const { projects } = await readRegistry(database);
  const all = await Promise.all(
    projects.map(({ journal }) => new JournalDoor(database, journal).readAll()),
  );
  const events = all.flatMap((journal) => journal.events);
  expect(reduceJournal(events)).not.toBeNull();
  return events;
}

function stamp(counter: number) {
  return { id: `x-${counter}`, device: 'x', counter, at: '2026-01-06T21:00:00' };
}

describe('photos', () => {
  it('land before their line, travel with the file, go with the house; what is no picture changes nothing', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await LIFE[0]?.(store);
    const before = projectOf(store);
    expect(await store.dispatch(takePhoto(new Blob(['scribble']), 'a' as never, 'floor'))).toBe(
      false,
    );
    expect(projectOf(store)).toEqual(before);
    expect(store.getState().session.notice).toMatch(/cannot be read/);
    expect(await store.dispatch(takePhoto(new Blob(['picture']), 'a' as never, 'floor'))).toBe(
      true,
    );
    const [photo] = Object.values(projectOf(store)?.photos ?? {});
    expect(photo).toMatchObject({ placeId: 'a', element: 'floor', on: '2026-01-06' });
    const text = await store.dispatch(exportHouse());
    await store.dispatch(wipeHouse());
    expect([...database.rows.keys()].some((key) => key.startsWith('photo/'))).toBe(false);
    await store.dispatch(importHouse(text));
    expect(await store.dispatch(loadPhoto(photo?.id ?? ''))).toBe('data:image/jpeg;base64,picture');
    expect(await store.dispatch(exportHouse())).toBe(text);
  });

  it('a device without room says so and notes no photo', async () => {
    const database = new TestDatabase();
    await LIFE[0]?.(await opened(database));
    const full = await opened(new FullDatabase(database.rows));
    expect(await full.dispatch(takePhoto(new Blob(['picture']), 'a' as never, null))).toBe(false);
    expect(projectOf(full)?.photos).toEqual({});
    expect(full.getState().session.notice).toMatch(/no room left/);
  });
});
