import fc from 'fast-check';
import { STARTED, added, chosen, place, stamped } from '../testing/houses';
import { checkProjectFile, readProjectFile, writeProjectFile } from '.';

const events = stamped([STARTED, added(place('a')), chosen('a', 'reline')]);
const text = writeProjectFile({ projectId: 'p', clock: null, events });
const fault = (file: string) => {
  const read = readProjectFile(file);
  return read.ok ? 'read' : read.error;
};

describe('a project file', () => {
  it('reads back as it was written, letter for letter', () => {
    const read = readProjectFile(text);
    expect(read).toMatchObject({ ok: true, value: { projectId: 'p', events } });
    if (read.ok) expect(writeProjectFile(read.value)).toBe(text);
    expect(checkProjectFile(text)).toEqual({ ok: true, value: [] });
  });

  it.each([
    ['', { code: 'not-json' }],
    ['photo.jpg', { code: 'not-json' }],
    ['{"format":"other"}', { code: 'not-ours' }],
    ['[1,2]', { code: 'not-ours' }],
    [text.replace('"version":1', '"version":9'), { code: 'newer-version', version: 9 }],
    [text.replace('houseStarted', 'flood'), { code: 'broken', path: 'events.0.type' }],
    [
      text.replace('"yearBuilt":1928', '"yearBuilt":"old"'),
      { code: 'broken', path: 'events.0.payload.house.yearBuilt' },
    ],
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

  it('with any byte changed either reads or says why, and never throws', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: text.length - 1 }),
        fc.string({ minLength: 1, maxLength: 1 }),
        (index, letter) => {
          fault(text.slice(0, index) + letter + text.slice(index + 1));
        },
      ),
    );
  });

  it('tells every reference to nothing, with its path', () => {
    const dangling = stamped([
      STARTED,
      chosen('nowhere', 'reline'),
      { type: 'undone', payload: { eventId: 'never' } },
    ]);
    const twice = { ...stamped([added(place('b'))])[0], id: 'phone-1', counter: 8 } as never;
    const file = writeProjectFile({ projectId: 'p', clock: null, events: [...dangling, twice] });
    expect(checkProjectFile(file)).toMatchObject({
      ok: true,
      value: [
        { path: 'events.3.id', reason: 'told twice' },
        { path: 'events.1.payload.placeId' },
        { path: 'events.2.payload.eventId' },
      ],
    });
  });
});
