import { eventRow, inJournalOrder, parseEvent, type JournalEvent } from '../journal';
import { valueOfJson } from './json';

/** A row that was not taken in: where it stood, why, and what it was; `raw` is null where nothing is worth carrying. */
export type SetAside = { path: string; reason: string; raw: unknown };

/** An event that read, where it stood, and the text it was carried as, if it was. */
type Placed = { event: JournalEvent; path: string; carried?: string };
export type SortedOut = { events: JournalEvent[]; unread: string[]; setAside: SetAside[] };

/**
 * Reads a file's rows one by one. Texts carried along as unread are tried again, since a newer program may read them.
 * What does not read or makes no sense beside the rest is set aside, or stays the text it was; events keep the order
 * they stood in.
 */
export function sortOut(rows: readonly unknown[], carriedRows: readonly unknown[]): SortedOut {
  const setAside: SetAside[] = [];
  let kept: Placed[] = [];
  rows.forEach((raw, index) => {
    const read = parseEvent(raw);
    const path = `events.${index}`;
    if (read.ok) kept.push({ event: read.value, path });
    else setAside.push({ path: `${path}.${read.error.path}`, reason: read.error.reason, raw });
  });
  const carried = carriedRows.map((row) => (typeof row === 'string' ? row : textOf(row)));
  carried.forEach((text, index) => {
    const read = parseEvent(jsonOrNull(text));
    if (read.ok) kept.push({ event: read.value, path: `unread.${index}`, carried: text });
  });
  // What rests on a row that went may not stand without it.
  for (;;) {
    const texts = [...carried, ...setAside.map(({ raw }) => textOf(raw))];
    const senseless = new Map(senselessRows(kept, texts).map((fault) => [fault.placed, fault]));
    if (senseless.size === 0) break;
    for (const { placed, path, reason } of senseless.values()) {
      if (placed.carried === undefined) {
        setAside.push({ path, reason, raw: eventRow(placed.event) });
      }
    }
    kept = kept.filter((row) => !senseless.has(row));
  }
  const read = new Set(kept.map((row) => row.carried));
  const unread = carried.filter((text) => !read.has(text));
  return { events: kept.map(({ event }) => event), unread, setAside };
}

type Senseless = { placed: Placed; path: string; reason: string };

/** Rows that read, but cannot be true beside the others: told twice, a second start, pointing at what never was. */
function senselessRows(placed: readonly Placed[], texts: readonly string[]): Senseless[] {
  const first = new Map<string, Placed>();
  for (const row of placed) if (!first.has(row.event.id)) first.set(row.event.id, row);
  const start = inJournalOrder(placed.map(({ event }) => event)).find(
    ({ type }) => type === 'houseStarted',
  );
  const everAdded = new Set<string>(
    placed.flatMap(({ event }) => (event.type === 'placeAdded' ? [event.payload.id] : [])),
  );
  return placed.flatMap((row): Senseless[] => {
    const { event, path } = row;
    const fault = (field: string, reason: string) => [
      { placed: row, path: `${path}.${field}`, reason },
    ];
    if (first.get(event.id) !== row) return fault('id', 'told twice');
    switch (event.type) {
      case 'houseStarted':
        return event.id === start?.id ? [] : fault('type', 'a house is started once');
      case 'undone':
        // What it takes back may be among the texts, to be read one day.
        return first.has(event.payload.eventId) ||
          texts.some((text) => text !== row.carried && text.includes(event.payload.eventId))
          ? []
          : fault('payload.eventId', 'takes back what is not there');
      case 'workChosen':
        return everAdded.has(event.payload.placeId)
          ? []
          : fault('payload.placeId', 'no such place');
      case 'dayLogged':
      case 'dayCorrected': {
        const at = event.payload.entries.findIndex(
          (entry) => 'placeId' in entry && entry.placeId !== null && !everAdded.has(entry.placeId),
        );
        return at < 0 ? [] : fault(`payload.entries.${at}.placeId`, 'no such place');
      }
      default:
        return [];
    }
  });
}

/** A row as text; one nested too deeply for that names itself so. */
export function textOf(raw: unknown): string {
  try {
    return JSON.stringify(raw) ?? '';
  } catch {
    return '"nested too deeply to be carried"';
  }
}

function jsonOrNull(text: string): unknown {
  try {
    return valueOfJson(text);
  } catch {
    return null;
  }
}
