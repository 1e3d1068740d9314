import { idOf } from '../src/core/testing/ids';
import { isDeepStrictEqual } from 'node:util';
import { readHouses } from '../src/storage/houses';
import {
  importHouse,
  keep,
  loadPhoto,
  openDemo,
  settleAside,
  startHouse,
  takePhoto,
  undoLast,
  wipeHouse,
} from '../src/store';
import {
  type Command,
  LIFE,
  START,
  evening,
  fileOf,
  keepEvenings,
  keepOne,
  linesOf,
  noticeOf,
  opened,
  projectOf,
  start,
  unreachable,
} from './life';
import { TestDatabase, fullDatabase, idle } from './outside';

const journalIn = async (database: TestDatabase): Promise<string> =>
  (await readHouses(database)).entries[0]?.journal ?? '';

describe('a page that is killed', () => {
  it('at any write: what was acknowledged is there, and nothing that was never said', async () => {
    const database = new TestDatabase();
    const killed: { rows: Map<string, string>; acknowledged: number }[] = [];
    const states: unknown[] = [null];
    database.onWrite = (rows) =>
      killed.push({ rows: new Map(rows), acknowledged: states.length - 1 });
    const store = await opened(database);
    const evenings = (from: number): Command[] =>
      Array.from({ length: 380 }, (_, at) => keepOne(evening(from + at)));
    const life = [...LIFE, ...evenings(100), ...LIFE, ...evenings(1_000)];
    for (const command of life) {
      await command(store);
      await idle();
      states.push(projectOf(store));
    }
    expect(killed.length).toBeGreaterThan(830);
    // A write that only adds a row is like the one before it: of those every third is looked at.
    const looked = killed.filter(
      ({ rows }, at) => at % 3 === 0 || rows.size !== (killed[at - 1]?.rows.size ?? 0) + 1,
    );
    for (const { rows, acknowledged } of looked) {
      const after = new TestDatabase(rows);
      const again = projectOf(await opened(after));
      const isOne = [states[acknowledged], states[acknowledged + 1]].some((state) =>
        isDeepStrictEqual(again, state),
      );
      expect({ acknowledged, isOne }).toEqual({ acknowledged, isOne: true });
      await idle();
      expect(await unreachable(after)).toEqual([]);
    }
  });
});

describe('a record that does not read', () => {
  it.each([
    ['is torn', '[{"id":"x"', false],
    [
      'is of a kind from a newer version',
      JSON.stringify([{ ...stamp(7), type: 'flood', payload: {} }]),
      true,
    ],
    [
      'holds a bad payload',
      JSON.stringify([{ ...stamp(7), type: 'workDropped', payload: { no: 1 } }]),
      false,
    ],
  ])(
    '%s: it is set aside, said, kept as it is, travels, and the rest opens',
    async (_, raw, newer) => {
      const database = new TestDatabase();
      const store = await opened(database);
      await start(store);
      await keepEvenings(store, 1, 1);
      const key = `event/${await journalIn(database)}/0000000007-x-y`;
      database.rows.set(key, raw);
      const again = await opened(database.restarted());
      expect(linesOf(again)).toEqual(['evening 1']);
      expect(again.getState().session.setAside).toEqual([expect.objectContaining({ key, newer })]);
      await keepEvenings(again, 2, 2);
      expect(linesOf(await opened(database.restarted()))).toEqual(['evening 1', 'evening 2']);
      expect(database.rows.get(key)).toBe(raw);
      // It is in every export, and in the house that the export becomes.
      const text = await fileOf(again);
      const elsewhere = await opened(new TestDatabase());
      await elsewhere.dispatch(importHouse(text));
      expect(elsewhere.getState().session.setAside).toHaveLength(1);
      expect(await fileOf(elsewhere)).toBe(text);
      // Put right or dismissed, it is gone for good; the rest of the journal is not touched.
      const [aside] = again.getState().session.setAside;
      expect(aside && (await again.dispatch(settleAside(aside)))).toBe(true);
      expect(again.getState().session.setAside).toEqual([]);
      const last = await opened(database.restarted());
      expect(last.getState().session.setAside).toEqual([]);
      expect(linesOf(last)).toEqual(['evening 1', 'evening 2']);
    },
  );

  it('beside a good one in one row goes alone, also after the row was sealed', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const key = [...database.rows.keys()].find((name) => name.startsWith('segment/')) ?? '';
    const row = JSON.parse(database.rows.get(key) ?? '') as { events: object[] };
    row.events.push({ ...stamp(4), type: 'flood', payload: { words: 'the cellar' } });
    database.rows.set(key, JSON.stringify(row));
    const again = await opened(database.restarted(), 'again');
    await keepEvenings(again, 1, 260);
    await idle();
    const [aside] = again.getState().session.setAside;
    expect(aside?.raw).toContain('the cellar');
    expect(aside && (await again.dispatch(settleAside(aside)))).toBe(true);
    const last = await opened(database.restarted());
    expect(projectOf(last)).toEqual(projectOf(again));
    expect(last.getState().session.setAside).toEqual([]);
  });

  it('in a single row survives the sealing of its neighbours', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    await keepEvenings(store, 1, 1);
    const key = [...database.rows.keys()].find((name) => name.startsWith('event/')) ?? '';
    const row = JSON.parse(database.rows.get(key) ?? '') as object[];
    database.rows.set(
      key,
      JSON.stringify([...row, { ...stamp(5), type: 'flood', payload: { words: 'wet' } }]),
    );
    const again = await opened(database.restarted(), 'again');
    await keepEvenings(again, 2, 260);
    await idle();
    expect(database.rows.has(key)).toBe(false);
    const last = await opened(database.restarted());
    expect(
      last
        .getState()
        .session.setAside.map(({ raw }) => raw)
        .join(),
    ).toContain('wet');
    expect(linesOf(last)).toHaveLength(260);
  });

  it('a torn house row is read from its copy; with both torn the house is found by its journal', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    await store.dispatch(openDemo());
    await store.dispatch(wipeHouse());
    const id = store.getState().session.current?.id ?? '';
    database.rows.set(`house/${id}`, '{');
    const copied = await opened(database.restarted());
    expect(projectOf(copied)).toEqual(projectOf(store));
    expect(copied.getState().session.current?.name).toBe('Test house');
    database.rows.set(`house/${id}`, '{');
    database.rows.set(`house-copy/${id}`, '{');
    const found = await opened(database.restarted());
    expect(projectOf(found)).toEqual(projectOf(store));
    // The demo that was removed does not come back.
    expect(found.getState().session.houses).toHaveLength(1);
  });
});

describe('a list of houses from before each had its own row', () => {
  it('is read once, each house gets its row and its own pictures, and a torn list is rebuilt', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    await store.dispatch(takePhoto(new Blob(['picture']), idOf('a'), 'floor'));
    const [entry] = (await readHouses(database)).entries;
    const [photo] = Object.values(projectOf(store)?.photos ?? {});
    if (!entry || !photo) throw new Error('no house');
    const old = new Map(database.rows);
    for (const key of [`house/${entry.id}`, `house-copy/${entry.id}`, 'last-opened'])
      old.delete(key);
    old.delete(`photo/${entry.journal}/${photo.id}`);
    old.set(`photo/${photo.id}`, 'data:image/jpeg;base64,picture');
    old.set('photo/of-nobody', 'data:image/jpeg;base64,stray');
    const { id, journal, kind, name, clock } = entry;
    for (const list of [
      JSON.stringify({ projects: [{ id, journal, kind, name, clock }], currentId: id }),
      '{',
    ]) {
      const device = new TestDatabase(new Map(old));
      device.rows.set('projects', list);
      const again = await opened(device);
      // An export before they were moved carries them all the same.
      expect(await fileOf(again)).toContain('data:image/jpeg;base64,picture');
      await idle();
      expect(projectOf(again)).toEqual(projectOf(store));
      expect(device.rows.has('projects')).toBe(false);
      expect(await again.dispatch(loadPhoto(photo.id))).toBe('data:image/jpeg;base64,picture');
      expect([...device.rows.keys()].filter((key) => key.startsWith('photo/'))).toEqual([
        `photo/${journal}/${photo.id}`,
      ]);
    }
  });
});

describe('a device without room', () => {
  it('says so, changes nothing, and keeps what was there', async () => {
    const database = new TestDatabase();
    await start(await opened(database));
    const full = await opened(fullDatabase(database.rows));
    const before = projectOf(full);
    expect(await full.dispatch(keep([evening(1)], 'kept'))).toBe(false);
    expect(projectOf(full)).toEqual(before);
    expect(noticeOf(full)).toMatch(/^Not kept: the device has no room/);
  });
});

describe('what the reader would refuse', () => {
  it.each([
    [
      'more than a year in one entry',
      { kind: 'hours', personId: 'me', minutes: 600_000, jobId: null, placeId: null },
      /Hours/,
    ],
    [
      'a sum past all counting',
      {
        kind: 'money',
        what: 'gold',
        spend: 'materials',
        shares: [{ placeId: null, cents: 1e13 }],
        shop: null,
        drawsOn: 'budget',
      },
      /amount/,
    ],
    [
      'a note of eleven thousand letters',
      { kind: 'note', text: 'x'.repeat(11_000), placeId: null },
      /10,000 letters/,
    ],
  ])('%s is refused at the door, named, with nothing changed', async (_, entry, words) => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const bad = { ...evening(1).payload, entries: [entry] } as never;
    expect(await store.dispatch(keep([{ type: 'dayLogged', payload: bad }], 'kept'))).toBe(false);
    expect(noticeOf(store)).toMatch(/^Not kept/);
    expect(noticeOf(store)).toMatch(words);
    expect(linesOf(await opened(database.restarted()))).toEqual([]);
  });

  it('what is long but possible is kept: two days in one go, a wait of a year, five pages', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const entries = [
      { kind: 'hours', personId: 'me', minutes: 48 * 60, jobId: null, placeId: null },
      { kind: 'hours', personId: 'me', minutes: 365 * 24 * 60, jobId: null, placeId: null },
      { kind: 'note', text: 'x'.repeat(10_000), placeId: null },
    ];
    const day = { ...evening(1).payload, entries } as never;
    expect(await store.dispatch(keep([{ type: 'dayLogged', payload: day }], 'kept'))).toBe(true);
    expect(projectOf(await opened(database.restarted()))).toEqual(projectOf(store));
  });

  it('a house whose first words could not be read back is not begun', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    const endless = structuredClone(START);
    const [begin] = endless;
    if (begin?.type === 'houseStarted') begin.payload.house.name = 'x'.repeat(81);
    await expect(store.dispatch(startHouse(endless, 'Endless'))).rejects.toThrow(/read back/);
    expect([...database.rows.keys()].filter((key) => /^(house|segment)/.test(key))).toEqual([]);
  });

  it('what speaks of something that is gone is not acknowledged into nothing', async () => {
    const store = await opened(new TestDatabase());
    await start(store);
    const gone = { type: 'placeRemoved', payload: { placeId: 'nowhere' as never } } as const;
    expect(await store.dispatch(keep([gone], 'kept'))).toBe(false);
    expect(noticeOf(store)).toMatch(/no longer in the house/);
  });
});

describe('houses side by side', () => {
  it('the demo never touches a house of one’s own, and a wiped house leaves the others', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    await keepEvenings(store, 1, 1);
    const own = projectOf(store);
    await store.dispatch(openDemo());
    expect(projectOf(store)?.house.name).toBe('Demo house');
    await keepEvenings(store, 9, 9);
    await store.dispatch(openDemo({ afresh: true }));
    expect(linesOf(store)).not.toContain('evening 9');
    await store.dispatch(wipeHouse());
    expect(projectOf(store)).toEqual(own);
    expect(await unreachable(database)).toEqual([]);
  });

  it('a file comes back identical: same house, same text', async () => {
    const store = await opened(new TestDatabase());
    for (const command of LIFE.slice(0, 6)) await command(store);
    const [text, project] = [await fileOf(store), projectOf(store)];
    await store.dispatch(wipeHouse());
    expect(projectOf(store)).toBeNull();
    expect(await store.dispatch(importHouse(text))).toMatchObject({
      ok: true,
      value: { name: 'Test house' },
    });
    expect(projectOf(store)).toEqual(project);
    expect(await fileOf(store)).toBe(text);
    expect(await store.dispatch(importHouse(text))).toMatchObject({
      ok: false,
      error: { code: 'already-here' },
    });
  });

  it('a file that speaks of another house’s picture neither shows nor overwrites it', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    await store.dispatch(takePhoto(new Blob(['picture']), idOf('a'), 'floor'));
    const text = await fileOf(store);
    const picture = text.slice(text.indexOf('"photos"'));
    const other = text
      .replace(/"projectId":"[^"]+"/, '"projectId":"other"')
      .replace(picture, picture.replace('base64,picture', 'base64,AAAA'));
    const without = other.replace(/,"photos":\{[^}]*\}/, '').replace('"other"', '"third"');
    const [photo] = Object.values(projectOf(store)?.photos ?? {});
    const own = await opened(database, 'own');
    for (const [file, shown] of [
      [other, 'data:image/jpeg;base64,AAAA'],
      [without, null],
    ] as const) {
      await store.dispatch(importHouse(file));
      expect(await store.dispatch(loadPhoto(photo?.id ?? ''))).toBe(shown);
      expect(await own.dispatch(loadPhoto(photo?.id ?? ''))).toBe('data:image/jpeg;base64,picture');
    }
  });
});

describe('photos', () => {
  it('land before their line, travel with the file, go with the house; what is no picture changes nothing', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const before = projectOf(store);
    expect(await store.dispatch(takePhoto(new Blob(['scribble']), idOf('a'), 'floor'))).toBe(false);
    expect(projectOf(store)).toEqual(before);
    expect(noticeOf(store)).toMatch(/cannot be read/);
    expect(await store.dispatch(takePhoto(new Blob(['picture']), idOf('a'), 'floor'))).toBe(true);
    const [photo] = Object.values(projectOf(store)?.photos ?? {});
    expect(photo).toMatchObject({ placeId: 'a', element: 'floor', on: '2026-01-06' });
    const text = await fileOf(store);
    await store.dispatch(wipeHouse());
    expect([...database.rows.keys()].some((key) => key.startsWith('photo/'))).toBe(false);
    await store.dispatch(importHouse(text));
    expect(await store.dispatch(loadPhoto(photo?.id ?? ''))).toBe('data:image/jpeg;base64,picture');
    expect(await fileOf(store)).toBe(text);
  });

  it('a device without room says so and notes no photo', async () => {
    const database = new TestDatabase();
    await start(await opened(database));
    const full = await opened(fullDatabase(database.rows));
    expect(await full.dispatch(takePhoto(new Blob(['picture']), idOf('a'), null))).toBe(false);
    expect(projectOf(full)?.photos).toEqual({});
    expect(noticeOf(full)).toMatch(/no room left/);
  });

  it('whose line was refused leaves no picture behind', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    database.refuses = (_, { rows }) =>
      Object.keys(rows).some((key) => key.startsWith('event/')) ? 'nothing' : null;
    expect(await store.dispatch(takePhoto(new Blob(['picture']), idOf('a'), null))).toBe(false);
    expect([...database.rows.keys()].some((key) => key.startsWith('photo/'))).toBe(false);
    await store.dispatch(undoLast());
  });
});

function stamp(counter: number) {
  return { id: `x-${counter}`, device: 'x', counter, at: '2026-01-06T21:00:00' };
}
