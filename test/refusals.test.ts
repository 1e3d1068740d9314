import { journalOf } from '../src/storage/keys';
import { importHouse, keep, openDemo, startHouse, wipeHouse } from '../src/store';
import { LIFE, START, evening, fileOf, opened, projectOf, start, unreachable } from './life';
import { TestDatabase, idle, tabMemory, type Refusal } from './outside';

const WAYS: readonly Refusal[] = ['nothing', 'all', 'first'];

/** A life in which some writes are refused; what each command said, and the house on screen before and after it. */
async function lived(refuses: TestDatabase['refuses']) {
  const database = new TestDatabase();
  const tab = tabMemory();
  const store = await opened(database, 'a', tab);
  database.refuses = refuses;
  const said: { done: boolean; before: unknown; after: unknown }[] = [];
  for (const command of LIFE) {
    const before = projectOf(store);
    const done = await command(store);
    await idle();
    said.push({ done, before, after: projectOf(store) });
  }
  return { database, tab, store, said, writes: database.writes };
}

describe('a write that is refused', () => {
  it('at any point, in any way: what the screen shows is what is there, and no half of anything', async () => {
    const { writes } = await lived(() => null);
    expect(writes).toBeGreaterThan(40);
    for (let refused = 0; refused < writes; refused += 1) {
      for (const way of WAYS) {
        const { database, tab, store, said } = await lived((nth) => (nth === refused ? way : null));
        for (const { done, before, after } of said) if (!done) expect(after).toEqual(before);
        const again = database.restarted();
        expect(projectOf(await opened(again, 'again', tab))).toEqual(projectOf(store));
        await idle();
        expect(await unreachable(again)).toEqual([]);
      }
    }
  });

  it('from some point on: nothing is acknowledged that is not there after a restart', async () => {
    const { writes } = await lived(() => null);
    for (let from = 0; from < writes; from += 1) {
      const { database, tab, store, said } = await lived((nth) => (nth >= from ? 'nothing' : null));
      for (const { done, before, after } of said) if (!done) expect(after).toEqual(before);
      const again = new TestDatabase(new Map(database.rows));
      expect(projectOf(await opened(again, 'again', tab))).toEqual(projectOf(store));
    }
  });
});

describe('what a refused command says', () => {
  it('a house that could not be started, brought in or replaced: nothing changed', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const text = await fileOf(store);
    const before = projectOf(store);
    const house = ({ rows }: { rows: object }) =>
      Object.keys(rows).some((key) => /^house\//.test(key));
    database.refuses = (_, write) => (house(write) ? 'nothing' : null);
    expect(await store.dispatch(importHouse(text, { replace: true }))).toMatchObject({
      ok: false,
      error: { code: 'refused' },
    });
    await expect(store.dispatch(startHouse(START, 'Another'))).rejects.toThrow();
    await expect(store.dispatch(openDemo())).rejects.toThrow();
    expect(projectOf(store)).toEqual(before);
    expect(await unreachable(database)).toEqual([]);
    await store.dispatch(keep([evening(1)], 'kept'));
    expect(await store.dispatch(wipeHouse())).toBe(false);
    expect(store.getState().session.notice).toMatch(/could not be removed.*Nothing changed/);
    expect(projectOf(await opened(database.restarted()))).toEqual(projectOf(store));
  });

  it('a removal that the store acknowledged and did not do is read back, said, and done at the next start', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    database.refuses = (_, { kind }) => (kind === 'remove' ? 'nothing' : null);
    expect(await store.dispatch(wipeHouse())).toBe(true);
    expect(projectOf(store)).toBeNull();
    expect(store.getState().session.notice).toMatch(/off the list.*next start/);
    expect([...database.rows.keys()].some((key) => key.startsWith('segment/'))).toBe(true);
    const again = database.restarted();
    expect(projectOf(await opened(again))).toBeNull();
    await idle();
    expect(
      [...again.rows.keys()].filter((key) => /^(segment|event|house|snapshot)/.test(key)),
    ).toEqual([]);
  });

  it('an old journal that could not be removed goes at a later start; the new house stands', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const text = await fileOf(store);
    database.refuses = (_, { kind }) => (kind === 'remove' ? 'nothing' : null);
    expect(await store.dispatch(importHouse(text, { replace: true }))).toMatchObject({ ok: true });
    const again = database.restarted();
    const later = await opened(again);
    expect(projectOf(later)).toEqual(projectOf(store));
    expect(later.getState().session.houses).toHaveLength(1);
    await idle();
    expect(await unreachable(again)).toEqual([]);
    expect(new Set([...again.rows.keys()].flatMap((key) => journalOf(key) ?? [])).size).toBe(1);
  });
});
