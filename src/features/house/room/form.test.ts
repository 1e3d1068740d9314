import { idOf } from '@/core/testing/ids';
import fc from 'fast-check';
import { floorArea, rectangle } from '@/core/house';
import { fromInches, fromMillimetres, fromSquareFeet, ticks } from '@/core/units';
import {
  correctedFrom,
  placeFrom,
  roomFormSchema,
  typedFrom,
  understood,
  type RoomTyped,
} from './form';

const typed = (over: Partial<RoomTyped> = {}): RoomTyped => ({
  kind: 'bedroom',
  name: 'Back bedroom',
  floor: '0',
  length: `12'`,
  width: `10'`,
  height: `8'`,
  ...over,
});

describe('a typed room', () => {
  it('becomes four walls, feet and metres mixed', () => {
    const room = roomFormSchema.parse(typed({ length: `12' 3 1/2"`, width: '3.05 m' }));
    const place = placeFrom(room, idOf('a'));
    expect(place.walls.map(({ length }) => length)).toEqual([
      fromInches(147.5),
      fromMillimetres(3_050),
      fromInches(147.5),
      fromMillimetres(3_050),
    ]);
    expect(floorArea(placeFrom(roomFormSchema.parse(typed()), idOf('a')))).toBe(
      fromSquareFeet(120),
    );
  });

  it.each([
    ['length', 'big', /is not a length/],
    ['width', '12', /12 what\?/],
    ['height', '0 m', /more than nought/],
    ['length', `400'`, /over 300 ft/],
    ['name', ' ', /Give the room a name/],
  ])('says beside %s what is wrong with "%s"', (field, text, words) => {
    const result = roomFormSchema.safeParse(typed({ [field]: text }));
    const issue = result.success ? undefined : result.error.issues[0];
    expect(issue?.path).toEqual([field]);
    expect(issue?.message).toMatch(words);
  });

  it('shown for correcting and kept untouched, not a tick of it moves, in either system', () => {
    const size = fc.integer({ min: 60_000, max: 6_000_000 });
    fc.assert(
      fc.property(size, size, fc.constantFrom('metric', 'imperial'), (a, b, units) => {
        const place = {
          ...placeFrom(roomFormSchema.parse(typed()), idOf('a')),
          walls: rectangle(ticks(a), ticks(b)),
          height: ticks(780_288),
        };
        const kept = roomFormSchema.parse({ ...typedFrom(place, units), name: 'Renamed' });
        expect(correctedFrom(kept, place, units)).toEqual({ ...place, name: 'Renamed' });
      }),
    );
  });

  it('says what a size was read as', () => {
    expect(understood('147.5"', 'imperial')).toBe(`read as 12' 3 1/2"`);
    expect(understood('big', 'imperial')).toBeUndefined();
  });
});
