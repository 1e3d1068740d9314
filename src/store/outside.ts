import type { FileError } from '../core/files';
import type { JournalEvent } from '../core/journal';
import type { MeasuringDevice } from '../core/estimating/measuring';
import type { Result } from '../core/result';
import type { Delivery, Enquiry, Offer } from '../core/estimating/supplier';
import { type Moment, type PlainDate, momentAt, plainDate } from '../core/units';
import type { Drafts } from '../storage/drafts';
import type { KeyValue } from '../storage/key-value';
import type { Locks } from '../storage/locks';
import type { TabMemory } from '../storage/tab-memory';
import type { Tabs } from '../storage/tabs';
import type { Pictures } from '../workers/pictures';
import type { Planner } from '../workers/planner';
import type { Zipper } from '../workers/zipper';
import type { OwnFiles, Room } from './device';

/** Shops one can ask. The simulated ones answer the same with and without the server. */
export type Supplier = {
  offers(enquiry: Enquiry): Promise<Offer[]>;
  delivery(orderId: string, promisedOn: PlainDate): Promise<Delivery>;
};

/** A file that was read: its events in stretches that can be written one after another. */
export type ReadFile = {
  projectId: string;
  clock: Moment | null;
  /** The name of the house in it. */
  name: string;
  events: JournalEvent[][];
  photos: [id: string, picture: string][];
  unread: string[];
  /** What of it could not be taken in as an event. */
  setAside: { path: string; reason: string }[];
};

/** Everything the store needs from the world: passed in, so that tests can pass their own. */
export type Outside = {
  database: KeyValue;
  drafts: Drafts;
  tabs: Tabs;
  locks: Locks;
  tab: TabMemory;
  /** Work nobody waits for, done when the page has nothing better to do. */
  later(work: () => Promise<void>): void;
  /** Lets the page breathe between two stretches of a long work. */
  pause(): Promise<void>;
  planner: Planner;
  /** Waits until nobody has touched the page for a while. */
  untilIdle: (signal: AbortSignal) => Promise<void>;
  zipper: Zipper;
  ownFiles: OwnFiles;
  room: Room;
  supplier: Supplier;
  laser: MeasuringDevice;
  /** The household's wall clock. */
  now(): Moment;
  /** The same moment for the stamp of an event. */
  stampTime(): string;
  newId(): string;
  pictures: Pictures;
  /** Reads an exported house off the main thread, through the same gate as everywhere. */
  readFile(file: Blob | string): Promise<Result<ReadFile, FileError>>;
  /** The texts of the demo house file and of the plan that stands for it; without that it is looked for. */
  fetchDemo(): Promise<{ house: string; plan: string | null }>;
};

const two = (value: number) => String(value).padStart(2, '0');

/** Local time of a Date as a Moment. */
export function momentOf(date: Date): Moment {
  const day = plainDate(`${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`);
  return momentAt(day, date.getHours() * 60 + date.getMinutes());
}
