import type { Project } from '../core/house';
import {
  applyEvents,
  compareEvents,
  effectiveEvents,
  inJournalOrder,
  reduceJournal,
  type JournalEvent,
} from '../core/journal';
import { eventKey, keys } from './keys';
import type { KeyValue } from './key-value';
import {
  readEventRow,
  readSegment,
  readUnread,
  writeEvents,
  writeSegment,
  type SetAside,
} from './rows';
import { readSnapshot, writeSnapshot, type Snapshot } from './snapshot';
import { addRows, putRow, removeRows } from './writing';

/** An event with the row it lies in; null once it is sealed in a segment. */
type Recent = { event: JournalEvent; row: string | null };

/** When so many events lie in rows of their own, they are sealed; some stay out, for what is still taken back. */
export type Sealing = { at: number; staysOut: number };
const SEALING: Sealing = { at: 200, staysOut: 50 };

type DoorOptions = {
  /** Lets the page breathe between two stretches of reading a whole journal. */
  pause?: () => Promise<void>;
  sealing?: Sealing;
};

/** Events reduced in one stretch. */
const STRETCH = 500;

const prefixed = (names: readonly string[], prefix: string): string[] =>
  names.filter((key) => key.startsWith(prefix));

/** Rows of one journal among all names of the database. */
type Names = { events: string[]; segments: string[]; unread: string[] };
const namesOf = (all: readonly string[], journal: string): Names => ({
  events: prefixed(all, keys.events(journal)),
  segments: prefixed(all, keys.segments(journal)),
  unread: prefixed(all, keys.unread(journal)),
});

const isAfter = (event: JournalEvent, last: Snapshot['last']): boolean =>
  compareEvents(event, last as JournalEvent) > 0;

/** Whether every undo among some events takes back one of them, so that nothing before them changes. */
function undoOnlyAmong(events: readonly JournalEvent[]): boolean {
  const ids = new Set(events.map(({ id }) => id));
  return events.every((event) => event.type !== 'undone' || ids.has(event.payload.eventId));
}

/**
 * The one door to an open house's journal. It knows the house as it stands, reads only what is new, and keeps old
 * events sealed in segments with their reduction beside them: nothing it does while somebody works grows with the
 * age of the house, except taking back what was sealed long ago.
 */
export class JournalStore {
  /** The reduction of what lies before `recent`; null where `recent` is all there is. */
  private base: Project | null = null;
  /** The last event in the base: what sorts before it cannot simply be added. */
  private baseLast: Snapshot['last'] | null = null;
  /** What came after, in journal order. */
  private recent: Recent[] = [];
  private segments: string[] = [];
  /** Sealed rows that could not be removed yet. */
  private absorbed: string[] = [];
  private house: Project | null = null;
  private aside: SetAside[] = [];
  private highest = 0;
  /** Counts for tests: rows read, and events reduced, since the door was opened. */
  readonly work = { rowsRead: 0, eventsApplied: 0 };

  private constructor(
    private readonly database: KeyValue,
    readonly journal: string,
    private readonly pause: () => Promise<void>,
    private readonly sealing: Sealing,
  ) {}

  /** Opens a journal; `names` are all names of the database, listed once for everything that opening needs. */
  static async open(
    database: KeyValue,
    journal: string,
    names: readonly string[],
    { pause = () => Promise.resolve(), sealing = SEALING }: DoorOptions = {},
  ): Promise<JournalStore> {
    const door = new JournalStore(database, journal, pause, sealing);
    await door.load(namesOf(names, journal));
    return door;
  }

  get project(): Project | null {
    return this.house;
  }
  get setAside(): SetAside[] {
    return [...this.aside];
  }
  /** The highest counter seen; the next event takes one more. */
  get counter(): number {
    return this.highest;
  }

  /** Whether enough lies open to be worth a sealing. */
  get wantsSealing(): boolean {
    return this.recent.length >= this.sealing.at;
  }

  /** Resolves with the house once the events have landed; rejects, having changed nothing, when they could not. */
  async append(events: readonly JournalEvent[]): Promise<Project | null> {
    const last = events.at(-1);
    if (!last) return this.house;
    const row = eventKey(this.journal, last);
    await addRows(this.database, { [row]: writeEvents(events) });
    await this.take(events.map((event) => ({ event, row })));
    return this.house;
  }

  /**
   * Takes in events of another journal of the same house, and what could not be read of it: all of it, or, where the
   * device refuses, nothing. The rows in which the events lie, to be told to other tabs.
   */
  async takeIn(
    events: readonly JournalEvent[],
    unread: readonly string[],
    newId: () => string,
  ): Promise<string[]> {
    const rows: Record<string, string> = {};
    const recent: Recent[] = [];
    for (let at = 0; at < events.length; at += STRETCH) {
      const some = events.slice(at, at + STRETCH);
      const row = this.rowOf(some);
      rows[row] = writeEvents(some);
      recent.push(...some.map((event) => ({ event, row })));
    }
    const known = new Set(this.aside.map(({ raw }) => raw));
    const texts = unread.filter((text) => !known.has(text));
    for (const text of texts) rows[`${keys.unread(this.journal)}${newId()}`] = text;
    if (Object.keys(rows).length === 0) return [];
    await addRows(this.database, rows);
    if (texts.length > 0) await this.loadAnew();
    else await this.take(recent);
    return recent.flatMap(({ row }) => row ?? []).filter((row, at, all) => all.indexOf(row) === at);
  }

  /** The row in which events kept together lie, to be told to other tabs. */
  rowOf(events: readonly JournalEvent[]): string {
    const last = events.at(-1);
    return last ? eventKey(this.journal, last) : '';
  }

  /** Takes the last written row out again: the journal turned out to be no longer the house's. */
  async withdraw(events: readonly JournalEvent[]): Promise<void> {
    const last = events.at(-1);
    if (last) await removeRows(this.database, [eventKey(this.journal, last)]);
  }

  /** Brings in what another tab wrote: the named rows, or whatever is new. */
  async catchUp(named?: readonly string[]): Promise<Project | null> {
    const names = named ?? namesOf(await this.database.getAllKeys(), this.journal).events;
    const known = new Set([...this.recent.map(({ row }) => row), ...this.absorbed]);
    const fresh = names.filter((key) => !known.has(key));
    const rows = await this.getMany(fresh);
    // Sealed since the other tab told of it.
    if (fresh.some((row) => rows[row] === null)) {
      await this.loadAnew();
      return this.house;
    }
    const read = fresh.flatMap((row) => {
      const { events, setAside } = readEventRow(row, rows[row] ?? '[]');
      this.aside.push(...setAside);
      return events.map((event) => ({ event, row }));
    });
    if (read.length > 0) await this.take(read);
    return this.house;
  }

  /** Every event that reads, in journal order, each once. */
  async readAll(): Promise<JournalEvent[]> {
    return this.allEvents(namesOf(await this.database.getAllKeys(), this.journal));
  }

  /**
   * Seals what lies in single rows into one segment, with the house as it was after it. What of those rows does not
   * read goes beside it as text. False when there was nothing to seal, or the device refused; nothing is lost then.
   */
  async seal(newId: () => string): Promise<boolean> {
    const names = namesOf(await this.database.getAllKeys(), this.journal);
    if (!sameNames(names.segments, this.segments)) {
      // Another tab sealed: what it knows comes first.
      await this.loadAnew();
      return false;
    }
    // A snapshot speaks for whole segments: what lies in one already is part of it.
    const inSegments = this.recent.findLastIndex(({ row }) => row === null) + 1;
    const cut = this.cutFor(Math.max(this.recent.length - this.sealing.staysOut, inSegments));
    const sealed = this.recent.slice(0, cut);
    const last = sealed.at(-1)?.event;
    const project = last ? this.reduce(sealed.map(({ event }) => event)) : null;
    if (!last || !project) return false;
    const loose = sealed.filter(({ row }) => row !== null);
    const rows = [...new Set(loose.flatMap(({ row }) => row ?? []))];
    const added = this.segmentOf(loose, newId);
    const texts = this.textsIn(rows, newId);
    const segments = [...this.segments, ...Object.keys(added)];
    const absorbed = [...new Set([...this.absorbed, ...rows])];
    const { counter, device, id } = last;
    const baseLast = { counter, device, id };
    const snapshot = writeSnapshot({ segments, absorbed, last: baseLast, project });
    try {
      const unread = Object.fromEntries(texts.map(({ key, raw }) => [key, raw]));
      await addRows(this.database, {
        ...added,
        ...unread,
        [keys.snapshot(this.journal)]: snapshot,
      });
    } catch {
      return false;
    }
    this.base = project;
    this.baseLast = baseLast;
    this.recent = this.recent.slice(cut);
    this.segments = segments;
    this.aside = [...this.aside.filter(({ key }) => !rows.includes(key)), ...texts];
    this.absorbed = await removeRows(this.database, absorbed);
    return true;
  }

  private segmentOf(loose: readonly Recent[], newId: () => string): Record<string, string> {
    return loose.length === 0
      ? {}
      : segmentRow(
          this.journal,
          loose.map(({ event }) => event),
          newId,
        );
  }

  /** What could not be read in some rows, under keys of its own. */
  private textsIn(rows: readonly string[], newId: () => string): SetAside[] {
    return this.aside
      .filter(({ key }) => rows.includes(key))
      .map((aside) => ({ ...aside, key: `${keys.unread(this.journal)}${newId()}` }));
  }

  /** Puts a record that could not be read away for good, once it was put right or dismissed. */
  async settle({ key, raw }: SetAside): Promise<boolean> {
    const stored = await this.database.getItem(key);
    const rest = stored === null ? '' : withoutItem(key, stored, raw);
    const done =
      rest === ''
        ? (await removeRows(this.database, [key])).length === 0
        : await putRow(this.database, key, rest);
    if (done) this.aside = this.aside.filter((aside) => aside.key !== key || aside.raw !== raw);
    return done;
  }

  private async load(names: Names): Promise<void> {
    const snapshot = await this.snapshot(names);
    const absorbed = new Set(snapshot?.absorbed);
    const texts = new Set(names.unread);
    const wanted = [...names.events.filter((key) => !absorbed.has(key)), ...names.unread];
    const rows = await this.getMany(wanted);
    // Sealed by another tab since the names were listed.
    if (wanted.some((row) => rows[row] === null)) return this.loadAnew();
    this.aside = [];
    this.recent = wanted
      .flatMap((row) => {
        const read = (texts.has(row) ? readUnread : readEventRow)(row, rows[row] ?? '');
        this.aside.push(...read.setAside);
        return read.events.map((event) => ({ event, row }));
      })
      .sort((a, b) => compareEvents(a.event, b.event));
    this.segments = names.segments;
    this.absorbed = names.events.filter((key) => absorbed.has(key));
    const events = this.recent.map(({ event }) => event);
    const fits = snapshot && events.every((event) => isAfter(event, snapshot.last));
    if (!snapshot || !fits || !undoOnlyAmong(events)) return this.rebuild(names);
    this.base = snapshot.project;
    this.baseLast = snapshot.last;
    this.house = this.reduce(events);
    this.highest = Math.max(snapshot.last.counter, events.at(-1)?.counter ?? 0);
  }

  /** From the first event on, as when there is no snapshot that can be trusted. */
  private async rebuild(names: Names): Promise<void> {
    const rowOf = new Map(this.recent.map(({ event, row }) => [event.id, row]));
    const events = await this.allEvents(names);
    this.base = null;
    this.baseLast = null;
    this.segments = names.segments;
    this.recent = events.map((event) => ({ event, row: rowOf.get(event.id) ?? null }));
    this.house = await this.reduceInStretches(events);
    this.highest = events.at(-1)?.counter ?? 0;
  }

  private async loadAnew(): Promise<void> {
    await this.load(namesOf(await this.database.getAllKeys(), this.journal));
  }

  private async snapshot({ segments }: Names): Promise<Snapshot | undefined> {
    const snapshot = readSnapshot(await this.database.getItem(keys.snapshot(this.journal)));
    this.work.rowsRead += 1;
    return snapshot && sameNames(snapshot.segments, segments) ? snapshot : undefined;
  }

  private async allEvents(names: Names): Promise<JournalEvent[]> {
    const wanted = [...names.segments, ...names.events, ...names.unread];
    const rows = await this.getMany(wanted);
    const aside: SetAside[] = [];
    const events: JournalEvent[] = [];
    const [segments, texts] = [new Set(names.segments), new Set(names.unread)];
    for (const key of wanted) {
      const raw = rows[key];
      if (raw === null || raw === undefined) continue;
      const reader = segments.has(key) ? readSegment : texts.has(key) ? readUnread : readEventRow;
      const read = reader(key, raw);
      aside.push(...read.setAside);
      events.push(...read.events);
      await this.pause();
    }
    this.aside = aside;
    return inJournalOrder(events);
  }

  /** The house after the base and some events behind it. */
  private reduce(events: readonly JournalEvent[]): Project | null {
    this.work.eventsApplied += events.length;
    return this.base ? applyEvents(this.base, effectiveEvents(events)) : reduceJournal(events);
  }

  /** The whole journal, a stretch at a time. */
  private async reduceInStretches(events: readonly JournalEvent[]): Promise<Project | null> {
    const counted = effectiveEvents(events);
    this.work.eventsApplied += events.length;
    let house: Project | null = null;
    for (let at = 0; at < counted.length; at += STRETCH) {
      house = applyEvents(house, counted.slice(at, at + STRETCH));
      await this.pause();
    }
    return house;
  }

  private async take(fresh: readonly Recent[]): Promise<void> {
    const last = this.recent.at(-1)?.event ?? this.baseLast;
    const events = fresh.map(({ event }) => event);
    this.highest = Math.max(this.highest, ...events.map(({ counter }) => counter));
    const simple =
      last !== null &&
      events.every((event) => event.type !== 'undone' && isAfter(event, last)) &&
      this.house !== null;
    const known = new Set(this.recent.map(({ event }) => event.id));
    this.recent = [...this.recent, ...fresh.filter(({ event }) => !known.has(event.id))].toSorted(
      (a, b) => compareEvents(a.event, b.event),
    );
    if (simple) {
      this.work.eventsApplied += events.length;
      this.house = applyEvents(this.house, events);
      return;
    }
    const recent = this.recent.map(({ event }) => event);
    const { baseLast } = this;
    const behind = !baseLast || events.every((event) => isAfter(event, baseLast));
    if (!this.base || (behind && undoOnlyAmong(recent))) this.house = this.reduce(recent);
    // Something was taken back, or came late, that lies before the base: the base itself changes.
    else await this.rebuild(namesOf(await this.database.getAllKeys(), this.journal));
  }

  /** How many of the recent events can be sealed: whole rows, and no undo left behind whose target is sealed. */
  private cutFor(wanted: number): number {
    let cut = Math.max(0, wanted);
    for (;;) {
      const sealed = new Set(this.recent.slice(0, cut).map(({ event }) => event.id));
      const rows = new Set(this.recent.slice(0, cut).flatMap(({ row }) => row ?? []));
      const next = this.recent.findLastIndex(
        ({ event, row }, at) =>
          at >= cut &&
          ((row !== null && rows.has(row)) ||
            (event.type === 'undone' && sealed.has(event.payload.eventId))),
      );
      if (next < 0) return cut;
      cut = next + 1;
    }
  }

  private async getMany(names: readonly string[]): Promise<Record<string, string | null>> {
    this.work.rowsRead += names.length;
    return names.length === 0 ? {} : this.database.getMany([...names]);
  }
}

/** A stored row without one unreadable item; empty when nothing else is in it. */
function withoutItem(key: string, stored: string, raw: string): string {
  const others = (events: readonly unknown[]) =>
    events.filter((item) => JSON.stringify(item) !== raw);
  try {
    const value = JSON.parse(stored) as unknown;
    if (Array.isArray(value))
      return others(value).length === 0 ? '' : JSON.stringify(others(value));
    const events = (value as { events?: unknown }).events;
    if (key.startsWith('segment/') && Array.isArray(events)) {
      return JSON.stringify({ ...(value as object), events: others(events) });
    }
  } catch {
    // A torn row holds nothing else.
  }
  return '';
}

const sameNames = (some: readonly string[], others: readonly string[]): boolean =>
  some.toSorted().join() === others.toSorted().join();

/** Events as one sealed row, under a name that no other tab would choose. */
export function segmentRow(
  journal: string,
  events: readonly JournalEvent[],
  newId: () => string,
): Record<string, string> {
  const counter = String(events.at(-1)?.counter ?? 0).padStart(10, '0');
  return { [`${keys.segments(journal)}${counter}-${newId()}`]: writeSegment(events) };
}
