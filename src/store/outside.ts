import type { MeasuringDevice } from '../core/measure';
import type { Delivery, Enquiry, Offer } from '../core/supplier';
import type { Moment, PlainDate } from '../core/units';
import { momentAt, plainDate } from '../core/units';
import type { Drafts } from '../storage/drafts';
import type { KeyValue } from '../storage/key-value';
import type { Tabs } from '../storage/tabs';
import type { Planner } from '../workers/planner';

/** Shops one can ask. The simulated ones answer the same with and without the server. */
export type Supplier = {
  offers(enquiry: Enquiry): Promise<Offer[]>;
  delivery(orderId: string, promisedOn: PlainDate): Promise<Delivery>;
};

/** Everything the store needs from the world: passed in, so that tests can pass their own. */
export type Outside = {
  database: KeyValue;
  drafts: Drafts;
  tabs: Tabs;
  planner: Planner;
  supplier: Supplier;
  laser: MeasuringDevice;
  /** The household's wall clock. */
  now(): Moment;
  /** The same moment for the stamp of an event. */
  stampTime(): string;
  newId(): string;
  /** A picture made small enough to keep, as a data address. Rejects what is no picture. */
  shrinkPhoto(file: Blob): Promise<string>;
  /** The text of the demo house file. */
  fetchDemo(): Promise<string>;
};

const two = (value: number) => String(value).padStart(2, '0');

/** Local time of a Date as a Moment. */
export function momentOf(date: Date): Moment {
  const day = plainDate(`${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`);
  return momentAt(day, date.getHours() * 60 + date.getMinutes());
}
