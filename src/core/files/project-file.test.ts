import { planningInputOf } from '../house';
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { fuzzed } from '../testing/hostile';
import { STARTED, added, chosen, place, stamped } from '../testing/houses';
import { planHouse } from '../planning/plan-house';
import { momentAt, plainDate } from '../units';
import { readProjectFile, writeProjectFile } from '.';

const events = stamped([STARTED, added(place('a')), chosen('a', 'reline')]);
const text = writeProjectFile({ projectId: 'p', clock: null, events });
const fault = (file: string) => {
  const read = readProjectFile(file);
  return read.ok ? 'read' : read.error;
};
const opened = (file: string) => {
  const read = readProjectFile(file);
  if (!read.ok) throw new Error(read.error.code);
  return read.value;
};
const asideIn = (file: string) => opened(file).setAside.map(({ path, reason }) => [path, reason]);
/** The file with one more row, or with one changed. */
const withRow = (row: object) => {
  const file = JSON.parse(text) as { events: object[] };
  return JSON.stringify({ ...file, events: [...file.events, row] });
};
const row = (type: string, payload: unknown, more: object = {}) => ({
  id: `extra-${type}`,
  device: 'phone',
  counter: 9,
  at: '2026-01-06T19:00:00',
  type,
  payload,
  ...more,
});

describe('a project file', () => {
  it('reads back as it was written, letter for letter', () => {
    const read = readProjectFile(text);
    expect(read).toMatchObject({ ok: true, value: { projectId: 'p', events, setAside: [] } });
    if (read.ok) expect(writeProjectFile(read.value)).toBe(text);
  });

  it.each([
    ['', { code: 'not-json' }],
    ['photo.jpg', { code: 'not-json' }],
    ['{"format":"other"}', { code: 'not-ours' }],
    ['[1,2]', { code: 'not-ours' }],
    [text.replace('"version":1', '"version":9'), { code: 'newer-version', version: 9 }],
    [
      text.replace('"yearBuilt":1928', '"yearBuilt":"old"'),
      { code: 'broken', path: 'events.0.payload.house.yearBuilt' },
    ],
    [text.replace('"events":[', '"events":{"a":[').replace(/\]\}\s*$/, ']}}'), { code: 'broken' }],
    [
      writeProjectFile({ projectId: 'p', clock: null, events: events.slice(1) }),
      { code: 'no-house' },
    ],
  ])('is refused with its reason: %#', (file, error) => {
    expect(fault(file)).toMatchObject(error);
  });

  it('cut off anywhere is never taken for whole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: text.trimEnd().length - 1 }), (length) => {
        expect(fault(text.slice(0, length))).not.toBe('read');
      }),
    );
  });
});

describe('a row that does not read or makes no sense', () => {
  const wall = (length: number) => ({
    ...place('b'),
    walls: place('b').walls.map((run) => ({ ...run, length })),
  });
  it.each([
    ['a kind from a newer version', row('flood', {}), 'events.3.type'],
    [
      'a version from a newer program',
      row('workDropped', { workChoiceId: 'x' }, { v: 2 }),
      'events.3.v',
    ],
    ['walls of -5', row('placeAdded', wall(-5)), 'events.3.payload.walls.0.length'],
    ['walls of 1e15', row('placeAdded', wall(1e15)), 'events.3.payload.walls.0.length'],
    [
      'more round than any plot',
      row('placeAdded', {
        ...place('b'),
        walls: Array.from({ length: 12 }, () => ({ length: 96_000_000, turn: 30 })),
      }),
      'events.3.payload.walls',
    ],
    [
      'a counter past every key',
      row('placeAdded', place('b'), { counter: 9_007_199_254_740_991 }),
      'events.3.counter',
    ],
    [
      'an id that is an ancestor',
      row('placeAdded', { ...place('b'), id: '__proto__' }),
      'events.3.payload.id',
    ],
    [
      'a year that never ends',
      row('jobTicked', { jobId: 'a/x', on: '9999-01-01' }),
      'events.3.payload.on',
    ],
    ['a second start', { ...row('houseStarted', STARTED.payload), v: 3 }, 'events.3.type'],
    [
      'an event told twice',
      { ...row('placeAdded', place('b')), id: 'phone-1', v: 2 },
      'events.3.id',
    ],
    [
      'a work in no place',
      { ...row('workChosen', { ...chosen('a', 'reline').payload, placeId: 'nowhere' }), v: 2 },
      'events.3.payload.placeId',
    ],
    ['taking back what never was', row('undone', { eventId: 'never' }), 'events.3.payload.eventId'],
    ['no event at all', { scribble: true }, 'events.3.id'],
  ])('%s: it is set aside with its path, travels as text, and the house opens', (_, bad, path) => {
    const file = withRow(bad);
    expect(asideIn(file)).toEqual([[path, expect.any(String)]]);
    const { events: kept, unread } = opened(file);
    expect(kept).toEqual(events);
    expect(unread.map((carried) => JSON.parse(carried) as unknown)).toEqual([bad]);
    const out = writeProjectFile(opened(file));
    expect(opened(out)).toMatchObject({ unread, setAside: [] });
    expect(writeProjectFile(opened(out))).toBe(out);
  });

  it('a clock of 1e15 and what is no picture are set aside, not the house', () => {
    const file = JSON.stringify({
      ...(JSON.parse(text) as object),
      clock: 1e15,
      photos: { p1: 'data:image/png;base64,AAAA', p2: 'javascript:alert(1)' },
    });
    expect(asideIn(file).map(([path]) => path)).toEqual(['clock', 'photos.p2']);
    expect(opened(file)).toMatchObject({
      clock: null,
      photos: { p1: 'data:image/png;base64,AAAA' },
    });
  });

  it('a text carried along is read as soon as it can be', () => {
    const carried = JSON.stringify(row('placeAdded', place('b')));
    const file = writeProjectFile({
      projectId: 'p',
      clock: null,
      events,
      unread: ['torn {', carried],
    });
    const read = opened(file);
    expect(read.unread).toEqual(['torn {']);
    expect(Object.keys(read.project.places)).toEqual(['a', 'b']);
  });

  it.each(['-0', '-0.0', '-1e-400'])('a turn of %s is none, and stays none', (turn) => {
    const file = text.replace('"turn":90', `"turn":${turn}`);
    const { project } = opened(file);
    expect(JSON.stringify(project)).not.toBe(JSON.stringify(opened(text).project));
    expect(opened(writeProjectFile(opened(file))).project).toEqual(project);
  });

  it('taking back what is carried as text is kept with it', () => {
    const undo = row('undone', { eventId: 'later-event' });
    const file = JSON.stringify({
      ...(JSON.parse(withRow(undo)) as object),
      unread: ['{"id":"later-event","type":"flood"}'],
    });
    expect(asideIn(file)).toEqual([]);
  });
});

describe('10,000 hostile files', () => {
  it('open or say why, never throw, and what opens is written and opens the same again', () => {
    fc.assert(
      fc.property(fuzzed(text), (file) => {
        const read = readProjectFile(file);
        if (!read.ok) return;
        const out = writeProjectFile(read.value);
        const again = opened(out);
        expect(again.project).toEqual(read.value.project);
        expect(again.setAside).toEqual([]);
        expect(writeProjectFile(again)).toBe(out);
      }),
      { numRuns: 9_700 },
    );
  });

  it('what opens can be planned, or says why it cannot', () => {
    const demo = readFileSync('demo/house.json', 'utf8');
    fc.assert(
      fc.property(fuzzed(text), (file) => {
        const read = readProjectFile(file);
        if (read.ok)
          planHouse(planningInputOf(read.value.project), momentAt(plainDate('2026-03-01'), 600), {
            schedules: 2,
          });
      }),
      { numRuns: 250 },
    );
    fc.assert(
      fc.property(fuzzed(demo), (file) => {
        const read = readProjectFile(file);
        if (read.ok) expect(writeProjectFile(read.value)).toContain('fresh-porch/project');
      }),
      { numRuns: 50 },
    );
  });
});
