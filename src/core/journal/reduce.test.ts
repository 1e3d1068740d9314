import fc from 'fast-check';
import { STARTED, added, chosen, place, stamped } from '../testing/houses';
import { compareEvents, effectiveEvents, parseEvent, reduceJournal, type JournalEvent } from '.';

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

  it('what points at something gone changes nothing', () => {
    const gone = stamped([
      { type: 'workDropped', payload: { workChoiceId: 'nothing' as never } },
      { type: 'placeCorrected', payload: place('nowhere') },
      chosen('nowhere', 'reline'),
    ]).map((event, at) => ({ ...event, id: `late-${at}`, counter: 9 + at }));
    expect(reduceJournal([...base, ...gone])).toEqual(reduceJournal(base));
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
    [{ ...started, type: 'flood' }, 'unknown-type', 'type'],
    [{ ...started, payload: { house: 1 } }, 'bad-payload', 'payload.house'],
    [{ ...base[1], payload: { ...place('a'), walls: [] } }, 'bad-payload', 'payload.walls'],
  ])('is refused with its path: %#', (raw, code, path) => {
    expect(parseEvent(raw)).toMatchObject({ ok: false, error: { code, path } });
  });

  it('never throws, whatever it is', () => {
    fc.assert(fc.property(fc.anything(), (raw) => void parseEvent(raw)));
  });
});
