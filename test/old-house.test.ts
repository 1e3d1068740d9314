import fc from 'fast-check';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '../src/core/journal';
import { STARTED, stamped } from '../src/core/testing/houses';
import { JournalStore, segmentRow, type Sealing } from '../src/storage/journal';
import { importHouse, keep, undoLast } from '../src/store';
import { evening, fileOf, keepEvenings, linesOf, opened, projectOf, start } from './life';
import { TestDatabase, idle } from './outside';

const SOON: Sealing = { at: 6, staysOut: 2 };
const [FIRST] = stamped([STARTED]) as [JournalEvent];

type Step =
  | { kind: 'keep'; many: number }
  | { kind: 'undo'; back: number }
  | { kind: 'late'; before: number }
  | { kind: 'seal' }
  | { kind: 'reopen' }
  | { kind: 'tear' }
  | { kind: 'told' };

const anyStep: fc.Arbitrary<Step> = fc.oneof(
  fc.record({ kind: fc.constant('keep' as const), many: fc.integer({ min: 1, max: 4 }) }),
  fc.record({ kind: fc.constant('undo' as const), back: fc.nat({ max: 30 }) }),
  fc.record({ kind: fc.constant('late' as const), before: fc.nat({ max: 20 }) }),
  ...(['seal', 'seal', 'reopen', 'tear', 'told'] as const).map((kind) => fc.constant({ kind })),
);

/** A journal as a plain list, beside the door that keeps it: whatever happens, both tell of the same house. */
class Model {
  readonly database = new TestDatabase();
  readonly events: JournalEvent[] = [FIRST];
  private ids = 0;
  private constructor(public door: JournalStore) {}

  static async begun(): Promise<Model> {
    const database = new TestDatabase();
    const model = new Model(await JournalStore.open(database, 'j', [], { sealing: SOON }));
    Object.assign(model, { database });
    await model.door.append([FIRST]);
    return model;
  }

  private stamp(body: EventBodyOf, counter: number): JournalEvent {
    this.ids += 1;
    return { ...body, id: `e${this.ids}`, device: 'd', counter, at: FIRST.at } as JournalEvent;
  }

  private async append(...bodies: EventBodyOf[]): Promise<void> {
    const events = bodies.map((body, at) => this.stamp(body, this.door.counter + 1 + at));
    this.events.push(...events);
    await this.door.append(events);
  }

  async do(step: Step): Promise<void> {
    if (step.kind === 'keep') {
      await this.append(...Array.from({ length: step.many }, () => evening((this.ids += 1))));
    } else if (step.kind === 'undo') {
      const target = this.events.at(-1 - (step.back % this.events.length));
      if (target) await this.append({ type: 'undone', payload: { eventId: target.id } });
    } else if (step.kind === 'late' || step.kind === 'told') {
      // Another tab, which did not know how far this one was; here it is told of, or found at a later opening.
      const counter = Math.max(1, this.door.counter - (step.kind === 'late' ? step.before : 0));
      const event = this.stamp(evening((this.ids += 1)), counter);
      this.events.push(event);
      const other = await JournalStore.open(this.database, 'j', await this.database.getAllKeys(), {
        sealing: SOON,
      });
      await other.append([event]);
      await this.door.catchUp([other.rowOf([event])]);
    } else if (step.kind === 'seal') {
      await this.door.seal(() => `s${(this.ids += 1)}`);
    } else {
      const key = 'snapshot/j';
      const torn = this.database.rows.get(key)?.replace('evening', 'morning');
      if (step.kind === 'tear' && torn) this.database.rows.set(key, torn);
      this.door = await JournalStore.open(this.database, 'j', await this.database.getAllKeys(), {
        sealing: SOON,
      });
    }
  }
}

describe('a journal that is sealed, torn, told of late and taken back', () => {
  it('always tells of the house that all its events tell of', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyStep, { minLength: 5, maxLength: 40 }), async (steps) => {
        const model = await Model.begun();
        for (const step of steps) {
          await model.do(step);
          expect(model.door.project).toEqual(reduceJournal(model.events));
        }
        expect(new Set((await model.door.readAll()).map(({ id }) => id))).toEqual(
          new Set(model.events.map(({ id }) => id)),
        );
        const again = await JournalStore.open(
          model.database,
          'j',
          await model.database.getAllKeys(),
        );
        expect(again.project).toEqual(reduceJournal(model.events));
      }),
      { numRuns: 200 },
    );
  });
});

/** A house of some thousand evenings, as it lies there after its last sealing. */
async function oldHouse(evenings: number): Promise<TestDatabase> {
  const database = new TestDatabase();
  const store = await opened(database);
  await start(store);
  const text = await fileOf(store);
  const file = JSON.parse(text) as { events: object[] };
  const lines = stamped(
    Array.from({ length: evenings }, (_, at) => evening(at)),
    'old',
  );
  const events = [
    ...file.events,
    ...lines.map((event) => ({ ...event, counter: event.counter + 10 })),
  ];
  await store.dispatch(importHouse(JSON.stringify({ ...file, events }), { replace: true }));
  await idle();
  return database;
}

describe('an old house', () => {
  it('opens, keeps, corrects and takes back with the same work as a young one', async () => {
    const counted = [];
    for (const evenings of [400, 4_000]) {
      const database = (await oldHouse(evenings)).restarted();
      const store = await opened(database, 'again');
      const opening = { rows: database.rowsRead, listings: database.listings };
      await idle();
      expect(linesOf(store)).toHaveLength(evenings);
      const measure = async (work: () => Promise<unknown>) => {
        const before = { rows: database.rowsRead, writes: database.writes };
        await work();
        return { rows: database.rowsRead - before.rows, writes: database.writes - before.writes };
      };
      const day = evening(1).payload as never;
      counted.push({
        opening,
        keeping: await measure(() => keepEvenings(store, 90_001, 90_001)),
        correcting: await measure(() =>
          store.dispatch(keep([{ type: 'dayCorrected', payload: day }], 'x')),
        ),
        undoing: await measure(() => store.dispatch(undoLast())),
      });
      expect(linesOf(store)).toHaveLength(evenings + 1);
    }
    const [young, old] = counted;
    expect(old).toEqual(young);
    expect(young?.opening.listings).toBe(1);
    expect(young?.opening.rows).toBeLessThan(12);
    expect(young?.keeping.rows).toBeLessThan(12);
    expect(young?.undoing.rows).toBeLessThan(12);
  });

  it('applies only what came after the last sealing, and one event for each that is kept', async () => {
    const database = (await oldHouse(3_000)).restarted();
    const { entries } = await (await import('../src/storage/houses')).readHouses(database);
    const door = await JournalStore.open(database, entries[0]?.journal ?? '', [
      ...database.rows.keys(),
    ]);
    expect(door.work.eventsApplied).toBe(0);
    const event = (counter: number, body: EventBodyOf): JournalEvent =>
      ({ ...body, id: `n${counter}`, device: 'd', counter, at: FIRST.at }) as JournalEvent;
    for (let nth = 1; nth <= 30; nth += 1)
      await door.append([event(door.counter + 1, evening(50_000 + nth))]);
    expect(door.work.eventsApplied).toBe(30);
    const last = `n${door.counter}`;
    await door.append([event(door.counter + 1, { type: 'undone', payload: { eventId: last } })]);
    expect(door.work.eventsApplied).toBeLessThanOrEqual(62);
  });

  it('a snapshot from another reduction, torn or stale is thrown away; the same house opens', async () => {
    const database = await oldHouse(300);
    const store = await opened(database.restarted());
    const expected = projectOf(store);
    const key = [...database.rows.keys()].find((name) => name.startsWith('snapshot/')) ?? '';
    const snapshot = database.rows.get(key) ?? '';
    expect(snapshot).toContain('evening 299');
    for (const cache of [
      snapshot.replace('evening 299', 'morning 299'),
      snapshot.replace(/"reducerVersion":\d+/, '"reducerVersion":1'),
      snapshot.replace(/"journalVersion":\d+/, '"journalVersion":99'),
      snapshot.slice(0, 500),
      '{"records":3',
      null,
    ]) {
      const device = new TestDatabase(new Map(database.rows));
      if (cache === null) device.rows.delete(key);
      else device.rows.set(key, cache);
      expect(projectOf(await opened(device))).toEqual(expected);
      await idle();
      // The next opening starts from a fresh one.
      expect(device.rows.get(key)).toBe(snapshot);
    }
  });

  it('is imported in segments, one row for many events', () => {
    const rows = segmentRow('j', stamped([STARTED, evening(1), evening(2)]), () => 'x');
    expect(Object.keys(rows)).toEqual(['segment/j/0000000003-x']);
  });
});
