/** Makes the demo house from the readable sources beside this file, as its owner would have logged it. */
import { idOf } from '../../src/core/testing/ids';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeProjectFile } from '../../src/core/files';
import type { Project } from '../../src/core/house';
import { applyEvent, type EventBodyOf, type JournalEvent } from '../../src/core/journal';
import { contextOf, readLine, settle } from '../../src/core/log/reader';
import { eventsOf } from '../../src/core/log/reader/brought';
import { logJobs } from '../../src/core/log/reader/log-jobs';
import { addDays, momentAt, plainDate, type PlainDate } from '../../src/core/units';
import { BUDGET, FIRST_DAY, HOUSE, ROOMS, placeEvents } from './house';
import { CHANGES_OF_MIND } from './changes';
import { CLOSING } from './closing';
import { MEASURES } from './measures';
import { ORDERS, VISITS } from './orders';
import { RECORDS } from './records';
import { WALK } from './walk';
import { wallsOn } from './walls';

const DEMO_ID = 'demo-house';
const DEVICE = 'demo';
const TODAY = plainDate('2026-03-14');
const HALF_PAST_EIGHT = 8 * 60 + 30;

class Journal {
  readonly events: JournalEvent[] = [];
  project: Project | null = null;

  add(on: PlainDate, body: EventBodyOf): void {
    const counter = this.events.length + 1;
    const event = {
      id: `${DEVICE}-${counter}`,
      device: DEVICE,
      counter,
      at: `${on}T21:00:00`,
      ...body,
    } as JournalEvent;
    this.events.push(event);
    this.project = applyEvent(this.project, event);
  }
}

function readDays(): Map<PlainDate, string[]> {
  const days = new Map<PlainDate, string[]>();
  const text = readFileSync(join('tools', 'demo', 'days.txt'), 'utf8');
  for (const row of text.split('\n')) {
    const [date, line] = row.split(' | ');
    if (row.startsWith('#') || date === undefined || line === undefined) continue;
    const day = plainDate(date);
    days.set(day, [...(days.get(day) ?? []), line]);
  }
  return days;
}

/** Reads a line as the log strip would; a question would make the demo a guess, so it stops the build. */
function logLine(journal: Journal, date: PlainDate, line: string, nth: number): void {
  const { project } = journal;
  if (!project) throw new Error('no house yet');
  const reading = readLine(line, contextOf(project, logJobs(project), TODAY), date);
  const { entries, open } = settle(reading);
  if (reading.fault || open.length > 0) {
    throw new Error(
      `${date} "${line}": ${JSON.stringify(reading.fault ?? open.map(({ id }) => id))}`,
    );
  }
  let made = 0;
  const newId = () => `${date}-${nth}-${(made += 1)}`;
  const brought = eventsOf(entries, [], project, newId, date);
  for (const event of brought.events) journal.add(date, event);
  journal.add(date, {
    type: 'dayLogged',
    payload: { id: idOf(`${date}-${nth}`), date, line, entries: brought.entries },
  });
}

function surveyed(journal: Journal, date: PlainDate): void {
  for (const [id] of ROOMS) {
    for (const step of ['survey.walk', 'survey.measure']) {
      journal.add(date, {
        type: 'jobTicked',
        payload: { jobId: idOf(`${id}/${step}`), on: date },
      });
    }
  }
}

function ordersOn(journal: Journal, date: PlainDate): void {
  for (const [orderedOn, lineId, shop, expectedOn, cameOn] of ORDERS) {
    const id = `order-${lineId}`;
    if (orderedOn === date) {
      journal.add(date, {
        type: 'orderPlaced',
        payload: {
          id,
          lineId,
          shop,
          orderedOn: plainDate(orderedOn),
          expectedOn: plainDate(expectedOn),
          arrival: null,
        },
      });
    }
    if (cameOn === date) {
      const arrival = { on: plainDate(cameOn), state: 'whole' as const, note: null };
      journal.add(date, { type: 'orderArrived', payload: { orderId: id, arrival } });
    }
  }
}

function visitsOn(journal: Journal, date: PlainDate): void {
  for (const [on, kind, jobId, detail] of VISITS) {
    if (on !== date) continue;
    const payload =
      kind === 'booked'
        ? { jobId: jobId as never, on: plainDate(detail) }
        : { jobId: jobId as never, on: date, result: kind, note: detail === '' ? null : detail };
    journal.add(date, {
      type: kind === 'booked' ? 'visitBooked' : 'inspectionHeld',
      payload,
    } as EventBodyOf);
  }
}

function build(): Journal {
  const journal = new Journal();
  for (const body of [HOUSE, BUDGET, ...placeEvents()]) journal.add(FIRST_DAY, body);
  const days = readDays();
  for (let date = addDays(FIRST_DAY, -1); date <= TODAY; date = addDays(date, 1)) {
    ordersOn(journal, date);
    for (const { on, event } of [...RECORDS, ...CLOSING, ...CHANGES_OF_MIND, ...MEASURES])
      if (on === date) journal.add(date, event);
    if (journal.project) {
      for (const event of wallsOn(journal.project, date)) journal.add(date, event);
    }
    (days.get(date) ?? []).forEach((line, nth) => logLine(journal, date, line, nth + 1));
    if (date === FIRST_DAY) {
      surveyed(journal, date);
      for (const event of WALK) journal.add(date, event);
    }
    visitsOn(journal, date);
  }
  return journal;
}

/** The text of the demo house file. */
export const demoText = (): string =>
  writeProjectFile({
    projectId: DEMO_ID,
    clock: momentAt(TODAY, HALF_PAST_EIGHT),
    events: build().events,
  });
