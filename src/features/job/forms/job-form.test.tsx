import type { JobId } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { added, chosen, houseOf, place } from '@/core/testing/houses';
import { plainDate } from '@/core/units';
import { emptyJob, eventsOfJob, jobFormSchema, typedJob, waitText } from './job-form';

const schema = jobFormSchema(plainDate('2026-01-12'), {
  currency: 'USD',
  numberStyle: 'point',
  dateOrder: 'month-first',
});
const house = houseOf(added(place('a')), chosen('a', 'reline'));
const HANG = 'a/board.walls';

function made(over: Parameters<typeof emptyJob>[0], project = house) {
  const parsed = schema.safeParse(emptyJob({ title: 'Sister it', hours: '4h', ...over }));
  if (!parsed.success) return parsed.error.issues[0]?.message;
  return eventsOfJob(parsed.data, project, { id: 'a/own.x', isNew: true, because: 'rot' });
}

describe('a job of one’s own as it is typed', () => {
  it('becomes its events, and those the same fields again', () => {
    const events = made({
      placeId: 'a',
      hours: '2h30',
      who: 'me',
      after: ['a/demo.walls'],
      before: [HANG],
      shuts: 'wet',
      wait: '3 days',
      cost: '45',
      note: 'mind the cable',
    }) as EventBodyOf[];
    expect(events.map(({ type }) => type)).toEqual(['jobAdded', 'jobFiguresAgreed']);
    const after = houseOf(added(place('a')), chosen('a', 'reline'), ...events);
    const own = after.ownJobs['a/own.x'];
    expect(own).toMatchObject({ minutes: 150, waitHours: 72, cents: 4_500, shuts: 'wet' });
    expect(own && typedJob(own, after)).toMatchObject({
      hours: '2h 30',
      who: 'me',
      wait: '3 days',
      cost: '45',
      note: 'mind the cable',
      before: [HANG],
    });
  });

  it('given to a trade is hired, with its day booked', () => {
    const events = made({
      who: 'trade',
      trade: 'mason',
      price: '600',
      days: '2',
      from: '2026-02-03',
    });
    expect(events).toMatchObject([
      { type: 'jobAdded' },
      { type: 'jobHired', payload: { trade: 'mason', workdays: 2, cents: 60_000 } },
      { type: 'visitBooked', payload: { on: '2026-02-03' } },
    ]);
  });

  it.each([
    [{ hours: '' }, { field: 'hours' }],
    [{ who: 'trade' }, { field: 'trade' }],
    [{ who: 'trade', trade: 'mason' }, { field: 'price' }],
    [{ who: 'zoe' }, { field: 'who' }],
    [{ placeId: 'gone' }, { field: 'placeId' }],
    [{ placeId: 'a', after: [HANG], before: [HANG] }, { field: 'after' }],
  ])('%#: what makes no sense is said beside its field', (over, fault) => {
    expect(made(over)).toMatchObject(fault);
  });

  it.each([
    [{ hours: 'ages' }, /is not hours/],
    [{ hours: '9000h' }, /over 5000 hours/],
    [{ wait: 'a while' }, /is no time/],
    [{ cost: '-3' }, /less than nothing/],
    [{ title: '' }, /Say what is to be done/],
  ])('%#: what cannot be read is said', (over, words) => {
    expect(made(over)).toMatch(words);
  });

  it('a wait is written as people say it', () => {
    expect([24, 72, 36, 1].map(waitText)).toEqual(['1 day', '3 days', '36h', '1h']);
    expect(HANG as JobId).toBe(HANG);
  });
});
