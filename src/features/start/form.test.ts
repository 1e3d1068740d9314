import { reduceJournal, type JournalEvent } from '@/core/journal';
import { plainDate } from '@/core/units';
import { emptyStart, startEvents, startFormSchema, type StartTyped } from './form';

const TODAY = plainDate('2026-03-14');
const typed = (over: Partial<StartTyped> = {}): StartTyped => ({
  ...emptyStart(TODAY),
  name: 'Quince Cottage',
  yearBuilt: '1928',
  ...over,
});
const read = (over: Partial<StartTyped> = {}) => startFormSchema(TODAY).safeParse(typed(over));
const faultAt = (over: Partial<StartTyped>) => {
  const result = read(over);
  return result.success ? [] : result.error.issues.map(({ path }) => path.join('.'));
};

describe('starting a house', () => {
  it('reads days in any usual writing: the first one back, the wish ahead', () => {
    expect(read({ firstDay: '1 Mar', wishedMoveIn: '31 Aug' })).toMatchObject({
      success: true,
      data: { firstDay: '2026-03-01', wishedMoveIn: '2026-08-31' },
    });
    expect(read({ wishedMoveIn: '1 Feb' })).toMatchObject({ data: { wishedMoveIn: '2027-02-01' } });
    expect(read({ wishedMoveIn: '' })).toMatchObject({ data: { wishedMoveIn: null } });
  });

  it.each([
    [{ name: '  ' }, ['name']],
    [{ yearBuilt: 'old' }, ['yearBuilt']],
    [{ yearBuilt: '2099' }, ['yearBuilt']],
    [{ firstDay: 'someday' }, ['firstDay']],
    [{ wishedMoveIn: '2026-01-01' }, ['wishedMoveIn']],
    [{ weekday: '0', saturday: '0', sunday: '0' }, ['weekday']],
    [{ sunday: 'all day' }, ['sunday']],
  ])('says which field is wrong: %j', (over, fields) => {
    expect(faultAt(over)).toEqual(fields);
  });

  it('begins the journal with the house, its hours and its helper', () => {
    const parsed = read({ helper: 'Ana', helperWeekend: '5h' });
    if (!parsed.success) throw new Error('unread');
    const events = startEvents(parsed.data, []).map((body, at) => ({
      ...body,
      id: `e${at}`,
      device: 'd',
      counter: at + 1,
      at: '2026-03-14T09:00:00',
    })) as JournalEvent[];
    expect(reduceJournal(events)?.people).toEqual([
      expect.objectContaining({ name: 'Me', week: [180, 180, 180, 180, 180, 420, 240] }),
      expect.objectContaining({ name: 'Ana', role: 'helper', week: [0, 0, 0, 0, 0, 300, 300] }),
    ]);
  });
});
