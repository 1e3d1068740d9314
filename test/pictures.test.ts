import {
  createStore,
  exportHouse,
  exportZip,
  importHouse,
  keep,
  loadPhoto,
  loadThumb,
  openCurrent,
  takePhoto,
} from '../src/store';
import { momentAt, plainDate } from '../src/core/units';
import { fileOf, opened, projectOf, start } from './life';
import { TestDatabase, idle, testOutside } from './outside';

const PLACE = 'a' as never;
const picture = (what: string) => new Blob([`picture of ${what}`]);

async function withPhoto(database = new TestDatabase()) {
  const store = await opened(database);
  await start(store);
  await store.dispatch(takePhoto(picture('the sill'), PLACE, null));
  const [id = ''] = Object.keys(projectOf(store)?.photos ?? {});
  return { database, store, id };
}

function stopped() {
  const controller = new AbortController();
  return { signal: controller.signal, abort: () => controller.abort() };
}

const rowsOf = async (database: TestDatabase, kind: string): Promise<string[]> =>
  (await database.getAllKeys()).filter((key) => key.startsWith(`${kind}/`));

describe('pictures', () => {
  it('are kept with their small one, which alone is read for lists', async () => {
    const { database, store, id } = await withPhoto();
    expect(await rowsOf(database, 'thumb')).toHaveLength(1);
    expect(await store.dispatch(loadThumb(id))).toBe(
      'data:image/jpeg;base64,picture of the sill small',
    );
    expect(await store.dispatch(loadPhoto(id))).toBe('data:image/jpeg;base64,picture of the sill');
  });

  it('that came with a file get their small one when first shown; it stays out of the file', async () => {
    const { store, id } = await withPhoto();
    const text = await fileOf(store);
    expect(text).not.toContain('small');
    const other = new TestDatabase();
    const fresh = await opened(other, 'b');
    await fresh.dispatch(importHouse(text));
    expect(await rowsOf(other, 'thumb')).toEqual([]);
    expect(await fresh.dispatch(loadThumb(id))).toMatch(/small$/);
    expect(await rowsOf(other, 'thumb')).toHaveLength(1);
    expect(await fileOf(fresh)).toBe(text);
  });

  it('leave with the zip; writing a file can be stopped', async () => {
    const { store } = await withPhoto();
    const zip = await store.dispatch(exportZip());
    expect(await zip.text()).toMatch(/photos\//);
    const shares: number[] = [];
    await store.dispatch(exportZip({ onProgress: (share) => shares.push(share) }));
    expect(shares).toEqual([1]);
    const { signal, abort } = stopped();
    abort();
    await expect(store.dispatch(exportHouse({ signal }))).rejects.toThrow();
  });

  it('that were taken off are swept after a month, and can be brought back until then', async () => {
    const { database, store, id } = await withPhoto();
    await store.dispatch(keep([{ type: 'photoDropped', payload: { photoId: id } }], 'off'));
    const openOn = async (day: string) => {
      const outside = { ...testOutside(database), now: () => momentAt(plainDate(day), 600) };
      const later = createStore(outside);
      await later.dispatch(openCurrent());
      await idle();
    };
    // The tests' clock stamps the sixth of January.
    await openOn('2026-02-05');
    expect(await rowsOf(database, 'photo')).toHaveLength(1);
    await openOn('2026-02-06');
    expect(await rowsOf(database, 'photo')).toEqual([]);
    expect(await rowsOf(database, 'thumb')).toEqual([]);
  });

  it('that the house shows are never swept', async () => {
    const { database } = await withPhoto();
    const later = createStore({
      ...testOutside(database),
      now: () => momentAt(plainDate('2030-01-01'), 600),
    });
    await later.dispatch(openCurrent());
    await idle();
    expect(await rowsOf(database, 'photo')).toHaveLength(1);
  });
});
