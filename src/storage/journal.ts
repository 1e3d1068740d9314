import { z } from 'zod';
import { projectSchema, type Project } from '../core/house';
import { applyEvent, parseEvent, reduceJournal, type JournalEvent } from '../core/journal';
import type { KeyValue } from './key-value';

/** A stored record that does not read. It stays where it is and is offered for export. */
export type SetAside = { key: string; reason: string; raw: string };

export type Opened = {
  project: Project | null;
  /** The highest counter seen; the next event takes one more. */
  counter: number;
  setAside: SetAside[];
};

const COUNTER_DIGITS = 10;
/** After this many records read one by one a snapshot is worth its while. */
const SNAPSHOT_EVERY = 25;

const eventPrefix = (journal: string) => `event/${journal}/`;
const snapshotKey = (journal: string) => `snapshot/${journal}`;

const snapshotSchema = z.object({
  records: z.int(),
  lastKey: z.string(),
  counter: z.int(),
  project: projectSchema,
});

/**
 * The one door to a project's journal. A record holds the events of one command and is written whole;
 * its key carries the last event's counter, device and id, so two tabs never write over each other and keys sort in order.
 */
export class JournalDoor {
  constructor(
    private readonly database: KeyValue,
    private readonly journal: string,
  ) {}

  private async keys(): Promise<string[]> {
    const prefix = eventPrefix(this.journal);
    return (await this.database.getAllKeys()).filter((key) => key.startsWith(prefix)).sort();
  }

  private async read(
    keys: readonly string[],
  ): Promise<{ events: JournalEvent[]; setAside: SetAside[] }> {
    const events: JournalEvent[] = [];
    const setAside: SetAside[] = [];
    const rows = keys.length === 0 ? {} : await this.database.getMany([...keys]);
    for (const key of keys) {
      const raw = rows[key] ?? '';
      const record = readRecord(raw);
      events.push(...record.events);
      setAside.push(...record.reasons.map((reason) => ({ key, reason, raw })));
    }
    return { events, setAside };
  }

  /** Every event that reads, in journal order. */
  async readAll(): Promise<{ events: JournalEvent[]; setAside: SetAside[] }> {
    return this.read(await this.keys());
  }

  /** The house as it stands; from the snapshot and what came after it where that is sound. */
  async open(): Promise<Opened> {
    const keys = await this.keys();
    const counter = counterOf(keys.at(-1));
    const snapshot = await this.snapshot(keys);
    if (snapshot) {
      const tail = await this.read(keys.slice(snapshot.records));
      if (!tail.events.some(({ type }) => type === 'undone')) {
        const project = tail.events.reduce<Project | null>(applyEvent, snapshot.project);
        return {
          project,
          counter: highest(tail.events, Math.max(counter, snapshot.counter)),
          setAside: tail.setAside,
        };
      }
    }
    const whole = await this.read(keys);
    const project = reduceJournal(whole.events);
    const opened = { project, counter: highest(whole.events, counter), setAside: whole.setAside };
    if (keys.length >= SNAPSHOT_EVERY) await this.keepSnapshot(keys, opened);
    return opened;
  }

  /** The highest counter in the journal, whichever tab wrote it. */
  async lastCounter(): Promise<number> {
    return counterOf((await this.keys()).at(-1));
  }

  /** Resolves once the events have landed. Rejects, having changed nothing, when they could not. */
  async append(events: readonly JournalEvent[]): Promise<void> {
    const last = events.at(-1);
    if (!last) return;
    await this.database.setMany({ [this.keyFor(last)]: JSON.stringify(events) });
  }

  /** A whole journal at once, as an import brings it: one transaction, all or nothing. */
  async appendMany(events: readonly JournalEvent[]): Promise<void> {
    await this.database.setMany(
      Object.fromEntries(events.map((event) => [this.keyFor(event), JSON.stringify([event])])),
    );
  }

  /** Removes the journal from this device. */
  async erase(): Promise<void> {
    await this.database.removeMany([...(await this.keys()), snapshotKey(this.journal)]);
  }

  private keyFor({ counter, device, id }: JournalEvent): string {
    return `${eventPrefix(this.journal)}${String(counter).padStart(COUNTER_DIGITS, '0')}-${device}-${id}`;
  }

  private async snapshot(keys: readonly string[]) {
    const raw = await this.database.getItem(snapshotKey(this.journal));
    if (raw === null) return undefined;
    const parsed = snapshotSchema.safeParse(jsonOrNull(raw));
    if (!parsed.success) return undefined;
    return keys[parsed.data.records - 1] === parsed.data.lastKey ? parsed.data : undefined;
  }

  private async keepSnapshot(keys: readonly string[], opened: Opened): Promise<void> {
    const lastKey = keys.at(-1);
    if (!opened.project || opened.setAside.length > 0 || lastKey === undefined) return;
    const snapshot = {
      records: keys.length,
      lastKey,
      counter: opened.counter,
      project: opened.project,
    };
    // A cache: when there is no room for it, the journal still has everything.
    await this.database
      .setItem(snapshotKey(this.journal), JSON.stringify(snapshot))
      .catch(() => undefined);
  }
}

function jsonOrNull(raw: string): unknown {
  try {
    return JSON.parse(raw);
  } catch {
    return null;
  }
}

function readRecord(raw: string): { events: JournalEvent[]; reasons: string[] } {
  const list = z.array(z.unknown()).safeParse(jsonOrNull(raw));
  if (!list.success) return { events: [], reasons: ['unreadable'] };
  const events: JournalEvent[] = [];
  const reasons: string[] = [];
  for (const item of list.data) {
    const event = parseEvent(item);
    if (event.ok) events.push(event.value);
    else reasons.push(event.error.reason);
  }
  return { events, reasons };
}

const counterOf = (key: string | undefined): number =>
  Number(key?.split('/')[2]?.slice(0, COUNTER_DIGITS) ?? 0) || 0;

const highest = (events: readonly JournalEvent[], least: number): number =>
  events.reduce((most, { counter }) => Math.max(most, counter), least);
