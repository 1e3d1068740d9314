import { z } from 'zod';
import { eventRow, parseEvent, type JournalEvent } from '../core/journal';

/** A stored record that does not read, in whole or in part. It stays where it is until somebody deals with it. */
export type SetAside = {
  key: string;
  reason: string;
  raw: string;
  /** Written by a later version: to be read after a reload, not to be put right by hand. */
  newer: boolean;
};

const listSchema = z.array(z.unknown());
const segmentSchema = z.object({ version: z.literal(1), events: listSchema });

function jsonOrNull(raw: string): unknown {
  try {
    return JSON.parse(raw);
  } catch {
    return null;
  }
}

type Read = { events: JournalEvent[]; setAside: SetAside[] };

function readList(key: string, items: readonly unknown[]): Read {
  const events: JournalEvent[] = [];
  const setAside: SetAside[] = [];
  for (const item of items) {
    const event = parseEvent(item);
    if (event.ok) events.push(event.value);
    else {
      const { code, path, reason } = event.error;
      const raw = JSON.stringify(item);
      setAside.push({ key, reason: `${path}: ${reason}`, raw, newer: code === 'newer' });
    }
  }
  return { events, setAside };
}

const unreadable = (key: string, raw: string): Read => ({
  events: [],
  setAside: [{ key, reason: 'torn', raw, newer: false }],
});

/** The events of one command's row. */
export function readEventRow(key: string, raw: string): Read {
  const list = listSchema.safeParse(jsonOrNull(raw));
  return list.success ? readList(key, list.data) : unreadable(key, raw);
}

/** The events of a sealed segment. */
export function readSegment(key: string, raw: string): Read {
  const segment = segmentSchema.safeParse(jsonOrNull(raw));
  return segment.success ? readList(key, segment.data.events) : unreadable(key, raw);
}

/** A text carried along: an event after all, or what it always was. An empty one was dealt with. */
export function readUnread(key: string, raw: string): Read {
  if (raw === '') return { events: [], setAside: [] };
  const read = parseEvent(jsonOrNull(raw));
  if (read.ok) return { events: [read.value], setAside: [] };
  return { events: [], setAside: [{ key, reason: 'unread', raw, newer: false }] };
}

export const writeEvents = (events: readonly JournalEvent[]): string =>
  JSON.stringify(events.map(eventRow));

export const writeSegment = (events: readonly JournalEvent[]): string =>
  JSON.stringify({ version: 1, events: events.map(eventRow) });
