import { idOf } from '../testing/ids';
import fc from 'fast-check';
import { STARTED, added, chosen, place, stamped, week } from '../testing/houses';
import { plainDate } from '../units';
import {
  applyEvents,
  compareEvents,
  effectiveEvents,
  parseEvent,
  reduceJournal,
  refersToHouse,
  type EventBodyOf,
  type JournalEvent,
} from '.';

const base = stamped([STARTED, added(place('a')), chosen('a', 'reline')]);
const undo = (eventId: string, counter: number, device = 'phone'): JournalEvent => ({
  ...(stamped([{ type: 'undone', payload: { eventId } }])[0] as JournalEvent),
  id: `${device}-${counter}`,
  device,
  counter,
});

describe('a journal', () => {
  it('tells the house; undo takes a thing back, undoing the undo brings it again', () => {
    expect(Object.keys(reduceJournal(base)?.works ?? {})).toEqual(['a-reline']);
    const taken = [...base, undo('phone-3', 4)];
    expect(reduceJournal(taken)?.works).toEqual({});
    expect(reduceJournal([...taken, undo('phone-4', 5)])).toEqual(reduceJournal(base));
  });

  it('before its first line there is no house', () => {
    expect(reduceJournal([])).toBeNull();
    expect(reduceJournal(stamped([added(place('a'))]))).toBeNull();
  });

  it('reads the same in whatever order two phones hand it over', () => {
    const other = stamped([added(place('b')), chosen('b', 'repaint')], 'other').map(
      (event, at) => ({
        ...event,
        counter: 4 + at,
      }),
    );
    const merged = [...base, ...other, undo('phone-3', 5)];
    fc.assert(
      fc.property(fc.shuffledSubarray(merged, { minLength: merged.length }), (shuffled) => {
        expect(reduceJournal(shuffled)).toEqual(reduceJournal(merged));
      }),
    );
    expect(effectiveEvents(merged).map(({ id }) => id)).not.toContain('phone-3');
    expect(merged.toSorted(compareEvents).at(-1)?.device).toBe('phone');
  });

  it('is ordered by code units, whatever the language of the machine', () => {
    const at = (device: string) => ({ ...base[1], device, counter: 9 }) as JournalEvent;
    const devices = ['ä', 'b', 'B', 'z', 'a'].map(at).toSorted(compareEvents);
    expect(devices.map(({ device }) => device)).toEqual(['B', 'a', 'b', 'z', 'ä']);
  });

  it('starts once: a second start, or taking the first back, changes nothing', () => {
    const again = { ...(base[0] as JournalEvent), id: 'again', counter: 8 };
    expect(reduceJournal([...base, again, undo('phone-1', 9)])).toEqual(reduceJournal(base));
  });

  it('an event told twice counts once', () => {
    const visit = stamped([
      {
        type: 'inspectionHeld',
        payload: {
          jobId: idOf('a/x'),
          on: plainDate('2026-02-01'),
          result: 'failed',
          note: null,
        },
      },
    ]).map((event) => ({ ...event, id: 'visit', counter: 7 }));
    expect(reduceJournal([...base, ...visit, ...visit])?.inspections).toHaveLength(1);
  });

  it('a removed room and a person who left keep their names', () => {
    const later = stamped([
      { type: 'placeRemoved', payload: { placeId: idOf('a') } },
      {
        type: 'peopleAgreed',
        payload: { people: [{ id: idOf('me'), name: 'Me', role: 'self', week: week(60, 60) }] },
      },
    ]).map((event, at) => ({ ...event, id: `l${at}`, counter: 10 + at }));
    const after = reduceJournal([...base, ...later]);
    expect(after?.formerNames).toEqual({ a: place('a').name, ana: 'Ana' });
    const back = stamped([added(place('a'))]).map((event) => ({ ...event, id: 'b', counter: 20 }));
    expect(reduceJournal([...base, ...later, ...back])?.formerNames).toEqual({ ana: 'Ana' });
  });

  it('is read in one pass: each event is applied once and each map copied once', () => {
    const days = Array.from({ length: 400 }, (_, at): EventBodyOf => ({
      type: 'dayLogged',
      payload: {
        id: idOf(`d${at}`),
        date: plainDate('2026-01-06'),
        line: 'x',
        entries: [{ kind: 'note', text: 'x', placeId: null }],
      },
    }));
    const before = reduceJournal(base);
    const project = applyEvents(before, days);
    expect(Object.keys(project?.days ?? {})).toHaveLength(400);
    expect(before?.days).toEqual({});
    expect(project?.works).toBe(before?.works);
    expect(Object.isFrozen(project?.days)).toBe(true);
  });

  it('what points at something gone changes nothing', () => {
    const gone = stamped([
      { type: 'workDropped', payload: { workChoiceId: idOf('nothing') } },
      { type: 'placeCorrected', payload: place('nowhere') },
      chosen('nowhere', 'reline'),
    ]).map((event, at) => ({ ...event, id: `late-${at}`, counter: 9 + at }));
    expect(reduceJournal([...base, ...gone])).toEqual(reduceJournal(base));
  });

  it.each<[EventBodyOf, boolean]>([
    [chosen('a', 'reline'), true],
    [chosen('nowhere', 'reline'), false],
    [chosen('constructor', 'reline'), false],
    [{ type: 'placeRemoved', payload: { placeId: idOf('nowhere') } }, false],
    [
      { type: 'orderDelayed', payload: { orderId: 'o', expectedOn: plainDate('2026-02-01') } },
      false,
    ],
    [{ type: 'workDropped', payload: { workChoiceId: idOf('gone') } }, true],
  ])('knows whether it speaks of something that is there: %#', (event, is) => {
    const project = reduceJournal(base);
    expect(project && refersToHouse(project, event)).toBe(is);
  });
});

describe('an event from outside', () => {
  const [started] = base;
  it('passes when it is whole, unchanged', () => {
    for (const event of base) {
      expect(parseEvent(JSON.parse(JSON.stringify(event)))).toEqual({ ok: true, value: event });
    }
  });

  it.each([
    [null, 'not-an-event', ''],
    [{ ...started, counter: 0 }, 'not-an-event', 'counter'],
    [{ ...started, counter: 9e15 + 1 }, 'not-an-event', 'counter'],
    [{ ...started, v: 99 }, 'newer', 'v'],
    [{ ...started, type: 'flood' }, 'newer', 'type'],
    [{ ...started, payload: { house: 1 } }, 'bad-payload', 'payload.house'],
    [{ ...base[1], payload: { ...place('a'), walls: [] } }, 'bad-payload', 'payload.walls'],
  ])('is refused with its path: %#', (raw, code, path) => {
    expect(parseEvent(raw)).toMatchObject({ ok: false, error: { code, path } });
  });

  it('never throws, whatever it is', () => {
    fc.assert(fc.property(fc.anything(), (raw) => void parseEvent(raw)));
  });
});
