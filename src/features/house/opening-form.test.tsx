import { fromFeet, fromInches } from '@/core/units';
import { emptyOpeningForm, openingFormSchema } from './opening-form';

type Typed = typeof emptyOpeningForm;
const read = (over: Partial<Typed>) =>
  openingFormSchema.safeParse({ ...emptyOpeningForm, ...over });
const faults = (over: Partial<Typed>) =>
  read(over).error?.issues.map(({ path, message }) => [path.join('.'), message]);

describe('an opening that changes, as it is typed', () => {
  it('leaves open what nobody typed, and takes what is the likely case', () => {
    expect(read({}).data).toEqual({
      change: 'window-to-door',
      wall: 'frame',
      header: false,
      linesInTheWay: true,
      now: null,
      then: null,
    });
  });

  it('reads both sizes; an empty sill goes to the floor', () => {
    const now = { width: `3'`, height: `4'`, sill: '36"' };
    const then = { width: `3'`, height: `6' 9"`, sill: '' };
    expect(read({ now, then }).data).toMatchObject({
      now: { width: fromFeet(3), height: fromFeet(4), sill: fromInches(36) },
      then: { width: fromFeet(3), height: fromInches(81), sill: 0 },
    });
  });

  it('says beside each field what it cannot read, and asks nothing of a field nobody sees', () => {
    const odd = { width: 'wide', height: '', sill: 'low' };
    expect(faults({ then: odd })).toEqual([
      ['then.width', expect.stringContaining('Then: write the width')],
      ['then.height', expect.stringContaining('Then: write the height')],
      ['then.sill', expect.stringContaining('Then: write the sill')],
    ]);
    expect(read({ change: 'closed', then: odd }).data?.then).toBeNull();
    expect(read({ change: 'new', now: odd }).data?.now).toBeNull();
  });

  it('refuses what is larger than any wall', () => {
    expect(faults({ then: { width: `9000'`, height: `7'`, sill: '' } })).toEqual([
      ['then.width', 'Then: no wall has such a width. Check the units.'],
    ]);
  });
});
