import { idOf } from '../src/core/testing/ids';
import { keep, takePhoto, importHouse, type Store } from '../src/store';
import { bringInNew, compareFile, letBothStand, readOpenMeetings } from '../src/store/bring-in';
import { readHistory } from '../src/store/history';
import type { EventBodyOf } from '../src/core/journal';
import { plainDate } from '../src/core/units';
import { evening, fileOf, keepEvenings, linesOf, opened, projectOf, start } from './life';
import { TestDatabase, TestDevice } from './outside';

/** The fake reader of files reads texts: a blob of one is read as the text it is. */
const fileFrom = async (store: Store): Promise<Blob> => (await fileOf(store)) as unknown as Blob;

const surveyed = (decision: 'keep' | 'repair'): EventBodyOf => ({
  type: 'elementSurveyed',
  payload: {
    placeId: idOf('a'),
    element: 'floor',
    on: plainDate('2026-01-06'),
    condition: 'sound',
    decision,
    how: null,
    count: 1,
    reason: null,
    size: null,
    suspicion: null,
    risk: null,
    salvage: null,
    options: [],
  },
});

/** Two phones with one house between them. */
async function twoPhones() {
  const one = await opened(new TestDatabase(), 'a');
  await start(one);
  const device = new TestDatabase();
  const two = await opened(device, 'b');
  await two.dispatch(importHouse(await fileOf(one)));
  return { one, two, device };
}

describe('what is new on the other phone', () => {
  it('is told beforehand, comes in, and both come to the same file', async () => {
    const { one, two } = await twoPhones();
    await keepEvenings(one, 1, 3);
    await two.dispatch(keep([evening(7)], 'kept'));
    await two.dispatch(takePhoto(new Blob(['picture']), idOf('a'), null));
    expect(await one.dispatch(compareFile(await fileFrom(two)))).toMatchObject({
      value: {
        adds: { acts: 2, photos: 1 },
        loses: { acts: 3, photos: 0 },
        unsettled: 0,
        isSame: true,
      },
    });
    const ofOne = await fileFrom(one);
    expect(await one.dispatch(bringInNew(await fileFrom(two)))).toMatchObject({
      value: { acts: 2, photos: 1, unsettled: 0 },
    });
    await two.dispatch(bringInNew(ofOne));
    expect(await fileOf(two)).toBe(await fileOf(one));
    expect(linesOf(one).toSorted()).toEqual(['evening 1', 'evening 2', 'evening 3', 'evening 7']);
    expect(await one.dispatch(bringInNew(await fileFrom(two)))).toMatchObject({
      value: { acts: 0, photos: 0 },
    });
  });

  it('what both said stays to be settled over a restart, until it is', async () => {
    const { one, two, device } = await twoPhones();
    await one.dispatch(keep([surveyed('keep')], 'kept'));
    await two.dispatch(keep([surveyed('repair')], 'kept'));
    await two.dispatch(bringInNew(await fileFrom(one)));
    expect(two.getState().device.toSettle).toBe(true);
    const again = await opened(device.restarted(), 'b');
    expect(again.getState().device.toSettle).toBe(true);
    const [conflict] = await again.dispatch(readOpenMeetings());
    expect(conflict).toMatchObject({ kind: 'differs', stands: 'mine' });
    if (conflict) await again.dispatch(letBothStand(conflict));
    expect(await again.dispatch(readOpenMeetings())).toEqual([]);
    expect(again.getState().device.toSettle).toBe(false);
    expect(Object.values(projectOf(again)?.surveys ?? {})[0]?.decision).toBe('repair');
  });

  it('comes in whole or not at all where the device refuses', async () => {
    const { one, two, device } = await twoPhones();
    await keepEvenings(one, 1, 3);
    await one.dispatch(takePhoto(new Blob(['picture']), idOf('a'), null));
    await one.dispatch(takePhoto(new Blob(['picture two']), idOf('a'), null));
    const file = await fileFrom(one);
    const before = await fileOf(two);
    // The first picture, the second, or the events.
    for (const at of [0, 1, 2]) {
      const first = device.writes;
      device.refuses = (nth) => (nth === first + at ? 'nothing' : null);
      expect(await two.dispatch(bringInNew(file))).toEqual({
        ok: false,
        error: { code: 'refused' },
      });
      expect(await fileOf(two)).toBe(before);
      expect((await device.getAllKeys()).filter((key) => key.startsWith('photo/'))).toEqual([]);
    }
    device.refuses = () => null;
    expect(await two.dispatch(bringInNew(file))).toMatchObject({ value: { acts: 5, photos: 2 } });
    expect((await two.dispatch(readHistory())).acts).toHaveLength(6);
  });

  it('goes into no journal that another tab has put aside', async () => {
    const device = new TestDevice(new TestDatabase());
    const one = await opened(device, 'a');
    await start(one);
    const text = await fileOf(one);
    const other = await opened(new TestDatabase(), 'b');
    await other.dispatch(importHouse(text));
    await keepEvenings(other, 1, 1);
    // The other tab replaces the house; this one was not told yet.
    const tab = await opened(device.database, 'c');
    await tab.dispatch(importHouse(text, { replace: true }));
    expect(await one.dispatch(bringInNew(await fileFrom(other)))).toEqual({
      ok: false,
      error: { code: 'refused' },
    });
    expect(one.getState().session.lost).toBe('replaced');
    expect(await fileOf(tab)).toBe(text);
  });

  it('a file of another house under the same name is not brought in', async () => {
    const { two } = await twoPhones();
    const text = (await fileOf(two)).replace(
      /"id":"[^"]*","device":"[^"]*","counter":1,/,
      '"id":"x","device":"x","counter":1,',
    );
    expect(await two.dispatch(compareFile(text as unknown as Blob))).toMatchObject({
      value: { isSame: false },
    });
    expect(await two.dispatch(bringInNew(text as unknown as Blob))).toEqual({
      ok: false,
      error: { code: 'other-house' },
    });
  });
});
