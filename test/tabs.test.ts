import fc from 'fast-check';
import { JOURNAL_VERSION } from '../src/core/journal';
import { readHouse, writeHouse } from '../src/storage/houses';
import {
  DEMO_ID,
  importHouse,
  keep,
  openCurrent,
  openDemo,
  switchHouse,
  undoLast,
  wipeHouse,
  type Store,
} from '../src/store';
import {
  evening,
  fileOf,
  keepEvenings,
  linesOf,
  noticeOf,
  opened,
  projectOf,
  start,
  unreachable,
} from './life';
import { TestDatabase, TestDevice, idle, tabMemory } from './outside';

const heard = () => new Promise((resolve) => setImmediate(resolve));
const settled = async () => {
  for (let turn = 0; turn < 5; turn += 1) {
    await heard();
    await idle();
  }
};

async function twoTabs(device = new TestDevice()): Promise<[Store, Store]> {
  const one = await opened(device, 'one');
  await start(one);
  return [one, await opened(device, 'two')];
}

describe('two tabs of one house', () => {
  it('write side by side; neither overwrites the other, and both see everything at once', async () => {
    const device = new TestDevice();
    const [one, two] = await twoTabs(device);
    await Promise.all([keepEvenings(one, 1, 4), keepEvenings(two, 11, 14)]);
    await settled();
    expect(linesOf(one)).toHaveLength(8);
    expect(projectOf(two)).toEqual(projectOf(one));
    expect(projectOf(await opened(device.database.restarted()))).toEqual(projectOf(one));
  });

  it('what one takes back goes from the other', async () => {
    const [one, two] = await twoTabs();
    await keepEvenings(one, 1, 2);
    await settled();
    await keepEvenings(two, 3, 3);
    await one.dispatch(undoLast());
    await settled();
    expect(linesOf(two).toSorted()).toEqual(['evening 1', 'evening 3']);
    expect(projectOf(one)).toEqual(projectOf(two));
  });

  it('seal while the other writes: nothing is lost, and both still agree', async () => {
    const device = new TestDevice();
    const [one, two] = await twoTabs(device);
    await Promise.all([keepEvenings(one, 1, 230), keepEvenings(two, 1001, 1230)]);
    await settled();
    expect(Object.keys(projectOf(one)?.days ?? {})).toHaveLength(460);
    expect(projectOf(two)).toEqual(projectOf(one));
    expect(
      [...device.database.rows.keys()].filter((key) => key.startsWith('event/')).length,
    ).toBeLessThan(260);
    expect(projectOf(await opened(device.database.restarted()))).toEqual(projectOf(one));
  });

  it('with any delays between their steps, end with what was acknowledged', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.nat({ max: 3 }), { minLength: 20, maxLength: 60 }),
        fc.boolean(),
        async (delays, secure) => {
          const device = new TestDevice(new TestDatabase(), secure);
          const [one, two] = await twoTabs(device);
          const left = [...delays];
          device.database.delay = async () => {
            for (let turns = left.shift() ?? 0; turns > 0; turns -= 1) await heard();
          };
          const text = await fileOf(one);
          const kept = await Promise.all([
            two.dispatch(keep([evening(1)], 'kept')),
            one.dispatch(importHouse(text, { replace: true })),
            two.dispatch(keep([evening(2)], 'kept')),
            one.dispatch(openDemo()),
          ]);
          device.database.delay = () => Promise.resolve();
          await settled();
          const after = await opened(device.database.restarted(), 'after');
          await after.dispatch(switchHouse(two.getState().session.current?.id ?? ''));
          // Replaced by a file from before: its evenings are gone with it, and the losing tab knows.
          expect(linesOf(after)).toEqual([]);
          expect(two.getState().session.lost).toBe('replaced');
          if (!kept[2]) expect(noticeOf(two)).toMatch(/replaced in another tab/);
          if (secure) expect(await unreachable(device.database)).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('a tab whose house went in another tab', () => {
  const goings: [string, (store: Store, text: string) => Promise<unknown>, string][] = [
    [
      'replaced by a file',
      (store, text) => store.dispatch(importHouse(text, { replace: true })),
      'replaced',
    ],
    ['removed', (store) => store.dispatch(wipeHouse()), 'removed'],
  ];

  it.each(goings)(
    '%s: acknowledges nothing more, says what happened, and can go on',
    async (_, go, lost) => {
      for (const telling of [true, false]) {
        const device = new TestDevice();
        const [one, two] = await twoTabs(device);
        const text = await fileOf(one);
        // Told or not: the append itself finds out.
        if (!telling) device.tabs = () => ({ tell: () => undefined, listen: () => undefined });
        const deaf = telling ? two : await opened(device, 'deaf');
        await go(one, text);
        if (telling) await settled();
        const before = projectOf(deaf);
        expect(await deaf.dispatch(keep([evening(5)], 'kept'))).toBe(false);
        expect(noticeOf(deaf)).toMatch(/^Not kept/);
        expect(deaf.getState().session.lost).toBe(lost);
        expect(projectOf(deaf)).toEqual(before);
        await settled();
        expect(await unreachable(device.database)).toEqual([]);
        await deaf.dispatch(openCurrent());
        expect(deaf.getState().session.lost).toBeNull();
      }
    },
  );

  it('replaced just before its line lands: the line is not acknowledged, and leaves nothing behind', async () => {
    const device = new TestDevice();
    const [one, two] = await twoTabs(device);
    const text = await fileOf(one);
    const { database } = device;
    const setMany = database.setMany.bind(database);
    database.setMany = async (rows) => {
      if (Object.keys(rows).some((key) => key.startsWith('event/'))) {
        database.setMany = setMany;
        await one.dispatch(importHouse(text, { replace: true }));
      }
      return setMany(rows);
    };
    expect(await two.dispatch(keep([evening(1)], 'kept'))).toBe(false);
    expect(noticeOf(two)).toMatch(/replaced in another tab/);
    await settled();
    expect([...database.rows.keys()].filter((key) => key.startsWith('event/'))).toEqual([]);
    expect(await unreachable(database)).toEqual([]);
  });

  it('the demo put back in one tab stops the other’s lines from going nowhere', async () => {
    const device = new TestDevice();
    const one = await opened(device, 'one');
    await one.dispatch(openDemo());
    const two = await opened(device, 'two');
    await one.dispatch(openDemo({ afresh: true }));
    await settled();
    expect(await two.dispatch(keep([evening(1)], 'kept'))).toBe(false);
    await two.dispatch(openCurrent());
    expect(await two.dispatch(keep([evening(1)], 'kept'))).toBe(true);
    await settled();
    expect(linesOf(one)).toContain('evening 1');
  });
});

describe('which house is open', () => {
  it('belongs to the tab: another tab opening another one changes nothing here, also after a reload', async () => {
    const device = new TestDevice();
    const memory = tabMemory();
    const one = await opened(device, 'one', memory);
    await start(one);
    const two = await opened(device, 'two');
    await two.dispatch(openDemo());
    await settled();
    expect(one.getState().session.project?.house.name).toBe('Test house');
    const reloaded = await opened(device, 'reloaded', memory);
    expect(reloaded.getState().session.project?.house.name).toBe('Test house');
    // A tab that remembers nothing opens the one opened last.
    const fresh = await opened(device, 'fresh');
    expect(fresh.getState().session.current?.name).toBe('Test house');
    expect(one.getState().session.houses.map(({ id }) => id)).toContain(DEMO_ID);
  });

  it('two tabs bringing houses in at once lose none, with locks and without', async () => {
    for (const secure of [true, false]) {
      const device = new TestDevice(new TestDatabase(), secure);
      const [one, two] = [await opened(device, 'one'), await opened(device, 'two')];
      await start(one);
      const text = await fileOf(one);
      const named = (id: string) => text.replace(/"projectId":"[^"]+"/, `"projectId":"${id}"`);
      let turns = 0;
      device.database.delay = async () => {
        if ((turns += 1) % 2 === 0) await heard();
      };
      const brought = await Promise.all(
        [one, two].flatMap((store, at) =>
          [1, 2, 3].map((nth) => store.dispatch(importHouse(named(`${at}-${nth}`)))),
        ),
      );
      expect(brought.every(({ ok }) => ok)).toBe(true);
      const after = await opened(device.database.restarted(), 'after');
      expect(after.getState().session.houses).toHaveLength(7);
      await settled();
      expect(await unreachable(device.database)).toEqual([]);
    }
  });
});

describe('a journal that a newer Fresh Porch has written to', () => {
  it('is read, not written, and the page offers to be loaded anew', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const id = store.getState().session.current?.id ?? '';
    const entry = await readHouse(database, id);
    if (!entry) throw new Error('no house');
    await writeHouse(database, { ...entry, writtenBy: JOURNAL_VERSION + 1 });
    expect(await store.dispatch(keep([evening(1)], 'kept'))).toBe(false);
    expect(noticeOf(store)).toMatch(/newer Fresh Porch/);
    const again = await opened(database.restarted());
    expect(again.getState().session.lost).toBe('newer');
    expect(linesOf(again)).toEqual([]);
  });

  it('one that an older one has written to is taken over before the first line', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const id = store.getState().session.current?.id ?? '';
    const entry = await readHouse(database, id);
    if (!entry) throw new Error('no house');
    await writeHouse(database, { ...entry, writtenBy: JOURNAL_VERSION - 1 });
    expect(await store.dispatch(keep([evening(1)], 'kept'))).toBe(true);
    expect(await readHouse(database, id)).toMatchObject({ writtenBy: JOURNAL_VERSION });
  });
});
