import {
  HouseZip,
  readProjectFile,
  writeProjectFile,
  type FileError,
  type ZipEntry,
} from '../src/core/files';
import { forecastInSteps } from '../src/core/planning/simulation';
import { toTheEnd } from '../src/core/in-steps';
import { fail, ok, type Result } from '../src/core/result';
import { STARTED, added, chosen, place, stamped } from '../src/core/testing/houses';
import { deliveryOf, offersFor } from '../src/core/estimating/supplier';
import { momentAt, plainDate, type Moment } from '../src/core/units';
import type { KeyValue } from '../src/storage/key-value';
import type { TabMessage } from '../src/storage/tabs';
import type { Outside, ReadFile } from '../src/store';

type Write = { rows: Record<string, string | null>; kind: 'set' | 'remove' };

/** How a write goes wrong: nothing lands, everything does though it is refused, or only its first row does. */
export type Refusal = 'nothing' | 'all' | 'first';

/**
 * A device's database, in memory, one write after another. It counts what is read, can refuse any write in several
 * ways, and can tell after each write what lies in it: the state in which a page killed then leaves it.
 */
export class TestDatabase implements KeyValue {
  writes = 0;
  rowsRead = 0;
  listings = 0;
  /** Called after each write, with what lies there then. */
  onWrite: (rows: ReadonlyMap<string, string>) => void = () => undefined;
  /** Says of the nth write, from nought, whether and how it is refused. */
  refuses: (nth: number, write: Write) => Refusal | null = () => null;
  /** Called before each answer, to put other tabs' doings in between. */
  delay: () => Promise<void> = () => Promise.resolve();

  constructor(readonly rows = new Map<string, string>()) {}

  /** The same device after a restart. */
  restarted(): TestDatabase {
    return new TestDatabase(this.rows);
  }

  private async write(write: Write): Promise<void> {
    await this.delay();
    const refusal = this.refuses(this.writes, write);
    this.writes += 1;
    const rows = Object.entries(write.rows);
    const landing =
      refusal === null || refusal === 'all' ? rows : rows.slice(0, refusal === 'first' ? 1 : 0);
    for (const [key, value] of landing) {
      if (value === null) this.rows.delete(key);
      else this.rows.set(key, value);
    }
    this.onWrite(this.rows);
    // The installed package's removal answers before its transaction is through, and so never hears of a refusal.
    if (refusal !== null && write.kind === 'set') throw new Error('QuotaExceededError');
  }

  async getItem(key: string) {
    await this.delay();
    this.rowsRead += 1;
    return this.rows.get(key) ?? null;
  }
  async getMany(keys: string[]) {
    await this.delay();
    this.rowsRead += keys.length;
    return Object.fromEntries(keys.map((key) => [key, this.rows.get(key) ?? null]));
  }
  async getAllKeys() {
    await this.delay();
    this.listings += 1;
    return [...this.rows.keys()];
  }
  setItem(key: string, value: string) {
    return this.write({ rows: { [key]: value }, kind: 'set' });
  }
  setMany(entries: Record<string, string>) {
    return this.write({ rows: entries, kind: 'set' });
  }
  removeMany(keys: string[]) {
    return this.write({ rows: Object.fromEntries(keys.map((key) => [key, null])), kind: 'remove' });
  }
}

/** A device whose disk is full: reads work, no write lands. */
export const fullDatabase = (rows: Map<string, string>): TestDatabase => {
  const database = new TestDatabase(rows);
  database.refuses = () => 'nothing';
  return database;
};

/** A device as its tabs share it: they hear each other, and hold one lock after another. */
export class TestDevice {
  private readonly ears: ((message: TabMessage, from: symbol) => void)[] = [];
  private readonly turns = new Map<string, Promise<unknown>>();

  constructor(
    readonly database = new TestDatabase(),
    readonly secure = true,
  ) {}

  tabs(): Outside['tabs'] {
    const me = Symbol('tab');
    return {
      tell: (message) => this.ears.forEach((ear) => ear(message, me)),
      listen: (heard) =>
        this.ears.push((message, from) => {
          if (from !== me) queueMicrotask(() => heard(message));
        }),
    };
  }

  locks(): Outside['locks'] {
    if (!this.secure) return { shared: false, hold: (_name, work) => work() };
    return {
      shared: true,
      hold: (name, work) => {
        const turn = (this.turns.get(name) ?? Promise.resolve()).then(work, work);
        this.turns.set(
          name,
          turn.catch(() => undefined),
        );
        return turn;
      },
    };
  }
}

/** A demo of a few lines: these tests open it hundreds of times. */
const SMALL_DEMO = writeProjectFile({
  projectId: 'demo-house',
  clock: momentAt(plainDate('2026-03-14'), 510),
  events: stamped([STARTED, added(place('shop')), chosen('shop', 'repaint')], 'demo').map(
    (event) =>
      event.type === 'houseStarted'
        ? {
            ...event,
            payload: { ...event.payload, house: { ...event.payload.house, name: 'Demo house' } },
          }
        : event,
  ),
});

export const EVENING: Moment = momentAt(plainDate('2026-01-06'), 21 * 60);

/** What a tab remembers of itself, as long as the test holds it. */
export function tabMemory(): Outside['tab'] {
  let house: string | null = null;
  return {
    read: () => house,
    write: (id) => {
      house = id;
    },
  };
}

/** A file as the worker hands it over, read on the spot. */
function readWhole(text: string): Result<ReadFile, FileError> {
  const file = readProjectFile(text);
  if (!file.ok) return file;
  const { events, photos, project, ...rest } = file.value;
  return ok({
    ...rest,
    name: project.house.name,
    events: [events],
    photos: Object.entries(photos),
  });
}

/**
 * A planner that answers at once and says nothing, for tests that look at what the store keeps: where the plan matters
 * {@link thatPlans} stands in for it.
 */
function fakePlanner(): Outside['planner'] {
  const none = () => Promise.resolve(undefined);
  return {
    forecast: none,
    improve: none,
    compare: none,
    whatIf: none,
    fit: none,
    history: none,
    dropped: none,
    sum: none,
    quotes: none,
    cuts: none,
    readFile: none,
  };
}

/** The same world with a planner that plans, on the spot and with few runs. */
export function thatPlans(outside: Outside): Outside {
  const forecast: Outside['planner']['forecast'] = ({ house, now, standing }) =>
    Promise.resolve(toTheEnd(forecastInSteps(house, now, { runs: 2, standing })));
  return { ...outside, planner: { ...outside.planner, forecast } };
}

/** Work put off by some tabs; it is done once a test lets them idle. */
const putOff: (() => Promise<void>)[] = [];
export async function idle(): Promise<void> {
  for (let work = putOff.shift(); work; work = putOff.shift()) await work().catch(() => undefined);
}

/** Packed on the spot, by what the worker packs with. */
async function packed(entries: AsyncIterable<ZipEntry>): Promise<Blob> {
  const zip = new HouseZip();
  const pieces: Uint8Array<ArrayBuffer>[] = [];
  for await (const entry of entries) pieces.push(...(zip.add(entry) as Uint8Array<ArrayBuffer>[]));
  return new Blob([...pieces, ...(zip.end() as Uint8Array<ArrayBuffer>[])]);
}

/** The world as the store sees it, with a plain clock and ids that can be read. */
export function testOutside(
  on: KeyValue | TestDevice,
  name = 'a',
  tab: Outside['tab'] = tabMemory(),
): Outside {
  const device = on instanceof TestDevice ? on : new TestDevice(on as TestDatabase);
  let ids = 0;
  return {
    database: device.database,
    drafts: device.database,
    tabs: device.tabs(),
    locks: device.locks(),
    tab,
    later: (work) => void putOff.push(work),
    pause: () => Promise.resolve(),
    zipper: (entries) => packed(entries),
    ownFiles: { watch: () => undefined, takeNewest: () => undefined },
    room: {
      measure: () => Promise.resolve({ space: null, lasts: null, keeps: true }),
      askToLast: () => Promise.resolve(false),
    },
    planner: fakePlanner(),
    untilIdle: () => new Promise(() => undefined),
    supplier: {
      offers: (enquiry) => Promise.resolve(offersFor(enquiry)),
      delivery: (orderId, promisedOn) => Promise.resolve(deliveryOf(orderId, promisedOn)),
    },
    laser: { measure: (length) => Promise.resolve({ kind: 'length', length }) },
    now: () => EVENING,
    stampTime: () => '2026-01-06T21:00:00',
    newId: () => `${name}-${++ids}`,
    pictures: {
      keep: async (file) => {
        const text = await file.text();
        if (!text.startsWith('picture')) throw new Error('no picture');
        const whole = `data:image/jpeg;base64,${text}`;
        return { whole, thumb: `${whole} small` };
      },
      thumbOf: (whole) => Promise.resolve(`${whole} small`),
    },
    readFile: (file) =>
      Promise.resolve(typeof file === 'string' ? readWhole(file) : fail({ code: 'not-json' })),
    fetchDemo: () => Promise.resolve({ house: SMALL_DEMO, plan: null }),
  };
}
