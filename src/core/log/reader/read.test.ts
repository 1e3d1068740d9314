import { cents, plainDate } from '../../units';
import type { Answer, Entry } from '../../house';
import { logJobs } from './log-jobs';
import type { EventBodyOf } from '../../journal';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { contextOf, readLine, settle } from '.';

const project = houseOf(
  added(place('back', 'bedroom', 12, 'Back bedroom')),
  added(place('front', 'bedroom', 14, 'Front bedroom')),
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  added(place('kitchen', 'kitchen', 16, 'Kitchen')),
  chosen('back', 'reline'),
  chosen('front', 'reline'),
  chosen('bath', 'bathroom'),
);
const today = plainDate('2026-03-14');
const context = contextOf(project, logJobs(project), today);
const read = (line: string, answers: readonly Answer[] = [], day = today) =>
  readLine(line, context, day, answers);
const entries = (line: string, answers: readonly Answer[] = []): Entry[] =>
  settle(read(line, answers)).entries;
const open = (line: string) => settle(read(line)).open;

describe('an evening in one breath', () => {
  it('reads hours by person, the job, progress, material, money and a find', () => {
    const line =
      '2h30 me and 2h Ana taping back bedroom, second coat done, 1 bucket compound, $18.40 screws, found rot at sill';
    expect(open(line)).toEqual([]);
    expect(entries(line)).toEqual([
      { kind: 'hours', personId: 'me', minutes: 150, jobId: 'back/board.second', placeId: 'back' },
      { kind: 'hours', personId: 'ana', minutes: 120, jobId: 'back/board.second', placeId: 'back' },
      { kind: 'progress', jobId: 'back/board.second', share: 100 },
      { kind: 'material', what: 'compound', thousandths: 1000, unit: 'bucket', placeId: 'back' },
      {
        kind: 'money',
        what: 'screws',
        spend: 'materials',
        shares: [{ placeId: 'back', cents: 1840 }],
        shop: null,
        drawsOn: 'budget',
      },
      {
        kind: 'find',
        text: 'rot at sill',
        placeId: 'back',
        element: 'windows',
        suspicion: 'rot',
      },
    ]);
  });

  it('splits one receipt over two rooms to the cent', () => {
    // 100.01 over two: 50.01 and 50.00 (the odd cent goes to the first).
    expect(entries('$100.01 tile at Quarry Lane for kitchen and bath')).toEqual([
      {
        kind: 'money',
        what: 'tile',
        spend: 'materials',
        shares: [
          { placeId: 'kitchen', cents: 5001 },
          { placeId: 'bath', cents: 5000 },
        ],
        shop: 'Quarry Lane',
        drawsOn: 'budget',
      },
    ]);
  });

  // Sixty and thirty of ninety; sixty and forty percent of two hundred; what is left of it.
  it.each([
    ['$90 paint kitchen 60 bath 30', [6000, 3000]],
    ['$200 lumber, 60/40 kitchen and bath', [12000, 8000]],
    ['$200 lumber 75% kitchen rest bath', [15000, 5000]],
    ['$120 tile, two thirds kitchen one third bath', [8000, 4000]],
  ])('splits "%s"', (line, cents) => {
    expect(entries(line)[0]).toMatchObject({
      shares: [
        { placeId: 'kitchen', cents: cents[0] },
        { placeId: 'bath', cents: cents[1] },
      ],
    });
  });

  it('keeps the shop whole when its name holds an "and"', () => {
    expect(entries('$38 wall paint back bedroom at Lime and Linseed')[0]).toMatchObject({
      what: 'wall paint',
      shop: 'Lime and Linseed',
    });
  });

  it('reads refunds, trades, what a find costs, what a count costs and tax', () => {
    expect(entries('refund $20 screws')[0]).toMatchObject({ shares: [{ cents: -2000 }] });
    expect(entries('$480 electrician')[0]).toMatchObject({ spend: 'trades' });
    expect(entries('found rot at sill back bedroom, $62 treated lumber')[1]).toMatchObject({
      drawsOn: 'contingency',
    });

    expect(entries('3 boxes of screws at 8.50 each')[0]).toMatchObject({
      shares: [{ cents: 2550 }],
    });
    expect(entries('$86.50 thinset plus tax $7.10')[0]).toMatchObject({
      shares: [{ cents: 9360 }],
    });
  });

  it('money goes under a kind of the owner’s own by its name, until that is dropped', () => {
    const own = (...more: EventBodyOf[]) => {
      const house = houseOf(
        added(place('bath', 'bathroom')),
        { type: 'kindAdded', payload: { id: 'own-1', title: 'Storage unit' } },
        { type: 'kindAdded', payload: { id: 'own-2', title: 'Storage' } },
        ...more,
      );
      const known = contextOf(house, logJobs(house), today);
      return (line: string) => settle(readLine(line, known, today, [])).entries[0];
    };
    const read = own();
    expect(read('$120 storage units')).toMatchObject({ kind: 'money', spend: 'own-1' });
    expect(read('$80 storage')).toMatchObject({ kind: 'money', spend: 'own-2' });
    expect(read('$80 paint')).toMatchObject({ spend: 'materials' });
    const later = own({ type: 'kindDropped', payload: { id: 'own-1' } });
    expect(later('$120 storage units')).toMatchObject({ spend: 'own-2' });
  });

  it.each([
    ['strip walls back bedroom half', 50],
    ['strip walls back bedroom 60%', 60],
    ['strip walls back bedroom done', 100],
    ['finished strip walls back bedroom', 100],
    ['strip walls back bedroom 3 of 12', 25],
  ])('takes progress from "%s"', (line, share) => {
    expect(entries(line)).toEqual([{ kind: 'progress', jobId: 'back/demo.walls', share }]);
  });

  it('lets a share by itself speak of the job before it', () => {
    expect(
      entries('3h stripping walls back bedroom, done; 1h stripping walls front bedroom, 40%'),
    ).toEqual([
      { kind: 'hours', personId: 'me', minutes: 180, jobId: 'back/demo.walls', placeId: 'back' },
      { kind: 'progress', jobId: 'back/demo.walls', share: 100 },
      { kind: 'hours', personId: 'me', minutes: 60, jobId: 'front/demo.walls', placeId: 'front' },
      { kind: 'progress', jobId: 'front/demo.walls', share: 40 },
    ]);
  });

  it('does not take batts for the bathroom, nor the finish coat for finishing', () => {
    expect(entries('1h fitting batts back bedroom, done')).toEqual([
      { kind: 'hours', personId: 'me', minutes: 60, jobId: 'back/insulate.batts', placeId: 'back' },
      { kind: 'progress', jobId: 'back/insulate.batts', share: 100 },
    ]);
    expect(entries('40 min me finish coat front bedroom, 33%')).toEqual([
      { kind: 'hours', personId: 'me', minutes: 40, jobId: 'front/board.finish', placeId: 'front' },
      { kind: 'progress', jobId: 'front/board.finish', share: 33 },
    ]);
  });

  it('keeps the minutes written to the hours together, whatever follows', () => {
    const line = '2h30 and half at Marl Timber';
    expect(read(line).parts.map(({ span }) => line.slice(span.from, span.to))).toEqual([line]);
    expect(entries('2h30 taping back bedroom, and half of it')[0]).toMatchObject({ minutes: 150 });
  });

  it('takes half a job’s words beside strange ones for no job', () => {
    expect(entries('2h hanging pictures back bedroom')).toEqual([
      {
        kind: 'hours',
        personId: 'me',
        minutes: 120,
        jobId: null,
        placeId: 'back',
        what: 'hanging pictures',
      },
    ]);
  });

  it.each([
    ['yesterday 2h stripping walls back bedroom', '2026-03-13'],
    ['Thu 12 Mar 2h stripping walls back bedroom', '2026-03-12'],
    ['Wed: 2h stripping walls back bedroom', '2026-03-11'],
    ['2026-03-02 2h stripping walls back bedroom', '2026-03-02'],
    ['3/2 2h stripping walls back bedroom', '2026-03-02'],
    ['the 9th 2h stripping walls back bedroom', '2026-03-09'],
    ['2h stripping walls back bedroom three days ago', '2026-03-11'],
    ['2h stripping walls back bedroom', '2026-03-14'],
  ])('dates "%s"', (line, date) => {
    expect(read(line).date).toBe(date);
    expect(entries(line)[0]).toMatchObject({ kind: 'hours', minutes: 120 });
  });

  it('a line of two days keeps the other day on its entries', () => {
    expect(
      entries('yesterday 2h stripping walls back bedroom, today 1h stripping walls front bedroom'),
    ).toMatchObject([{ jobId: 'back/demo.walls' }, { jobId: 'front/demo.walls', on: today }]);
  });

  // Half past six to nine is two and a half hours; seven to half past nine in the evening as well.
  it.each([
    ['18:30-21:00', 150],
    ['from 7 to 9:30 pm', 150],
    ['6:30 till 9', 150],
    ['from 8 to noon', 240],
    ['an hour and three quarters', 105],
    ['to ours', 120],
    ['2 1/2 hrs', 150],
    ['2½h', 150],
    ['quarter of an hour', 15],
    ['2h, no sorry 3h', 180],
    ['not 3 but 2 hours', 120],
  ])('a time of "%s" is %i minutes', (said, minutes) => {
    expect(entries(`${said} stripping walls back bedroom`)).toMatchObject([{ minutes }]);
  });

  it('what was not done, is to come, was asked or dreamt of is no work and no money', () => {
    const kinds = (line: string) => entries(line).map(({ kind }) => kind);
    for (const line of [
      'did not strip the walls in the back bedroom',
      'nearly bought a saw for $300',
      'should have stripped the walls',
      'did the plumber come on Thursday?',
    ]) {
      expect({ line, kinds: kinds(line) }).toEqual({ line, kinds: ['note'] });
    }
    expect(kinds('tomorrow strip the walls in the front bedroom')).toEqual(['next']);
    expect(kinds('plumber quoted 2,400 for the bathroom')).toEqual(['quote']);
  });
});

describe('where it is unclear it asks', () => {
  it('which room, when two have the same job', () => {
    const [question] = open('2h stripping walls');
    expect(question).toMatchObject({ code: 'which-job', slot: 'job' });
    expect(question?.choices.map(({ answer }) => answer.value)).toEqual([
      'back/demo.walls',
      'front/demo.walls',
      '',
      'leave-out',
    ]);
  });

  it.each([
    ['2h Bogdan stripping walls back bedroom', 'who'],
    ['30 hours stripping walls back bedroom', 'long-day'],
    ['€40 screws', 'currency'],
    ['2026-01-04 2h stripping walls back bedroom', 'before-start'],
    ['2026-03-20 2h stripping walls back bedroom', 'future'],
    ['last weekend 2h stripping walls back bedroom', 'which-day'],
    ['$65.000 for the roof', 'odd-figure'],
    ['strip walls back bedroom nearly done', 'how-far'],
    ['2h stripping walls nursery', 'which-job'],
    ['strip walls back bedroom 200%', 'what-is-this'],
    ['$1e9 nails', 'what-is-this'],
    ['quote -200 roof', 'what-is-this'],
    ['0h stripping walls back bedroom', 'what-is-this'],
  ])('about "%s": %s', (line, code) => {
    expect(entries(line)).toEqual([]);
    expect(open(line).map((question) => question.code)).toEqual([code]);
  });

  it('whose time is which, where one person has two', () => {
    expect(open('me 3h 2h Ana 1h stripping walls back bedroom').map(({ code }) => code)).toEqual([
      'whose-time',
    ]);
  });

  it('a sum over a tenth of the budget, and a share that goes back', () => {
    const known = contextOf(
      houseOf(
        { type: 'budgetAgreed', payload: { total: cents(1_000_000), contingency: cents(0) } },
        added(place('back', 'bedroom', 12, 'Back bedroom')),
        chosen('back', 'reline'),
      ),
      logJobs(project).map((job) => ({ ...job, share: 60 })),
      today,
    );
    const codes = (line: string) => settle(readLine(line, known)).open.map(({ code }) => code);
    expect(codes('$1,000.01 lumber')).toEqual(['large-sum']);
    expect(codes('$1,000 lumber')).toEqual([]);
    expect(codes('strip walls back bedroom 40%')).toEqual(['goes-back']);
    expect(codes('strip walls back bedroom 70%')).toEqual([]);
  });

  it('a figure of nothing is never dropped', () => {
    for (const line of ['7 elephants dance', '42', 'hall 3 17', 'back bedroom 12 8']) {
      expect({ line, asked: open(line).length }).toEqual({ line, asked: 1 });
    }
  });
});

describe('what was answered', () => {
  const [question] = open('2h stripping walls');
  const front = question?.choices[1]?.answer;
  if (!front) throw new Error('no choice');

  it('becomes the entry', () => {
    expect(entries('2h stripping walls', [front])).toEqual([
      { kind: 'hours', personId: 'me', minutes: 120, jobId: 'front/demo.walls', placeId: 'front' },
    ]);
  });

  it('holds when another word of the statement is put right, and for no other statement', () => {
    expect(entries('3h stripping walls', [front])).toMatchObject([
      { minutes: 180, jobId: 'front/demo.walls' },
    ]);
    expect(entries('$5 nails, 2h stripping walls', [front])).toMatchObject([
      { kind: 'money' },
      { jobId: 'front/demo.walls' },
    ]);
    expect(entries('1h grouting bath', [front])).toMatchObject([{ placeId: 'bath' }]);
  });

  it('each slot of a statement is put right by itself', () => {
    const about = '2h Ana stripping walls back bedroom';
    const put = (slot: string, value: string) => entries(about, [{ slot, about, value }])[0];
    expect(put('who', 'me')).toMatchObject({ personId: 'me', minutes: 120 });
    expect(put('minutes', '45')).toMatchObject({ personId: 'ana', minutes: 45 });
    expect(put('job', 'front/demo.walls')).toMatchObject({ jobId: 'front/demo.walls' });
    expect(put('job', '')).toMatchObject({ jobId: null, placeId: 'back' });
    expect(put('day', '2026-03-10')).toMatchObject({ on: '2026-03-10' });
    expect(put('kind', 'note')).toMatchObject({ kind: 'note', text: about });
    expect(put('kind', 'leave-out')).toBeUndefined();
  });

  it('the slots of a receipt too, and its parts keep their sum', () => {
    const about = '$90 paint kitchen 60 bath 30';
    const put = (slot: string, value: string) => entries(about, [{ slot, about, value }])[0];
    expect(put('spend', 'tools')).toMatchObject({ spend: 'tools' });
    expect(put('paid-from', 'contingency')).toMatchObject({ drawsOn: 'contingency' });
    expect(put('shop', 'Marl Timber')).toMatchObject({ shop: 'Marl Timber' });
    expect(put('amount', '10000')).toMatchObject({ shares: [{ cents: 6667 }, { cents: 3333 }] });
    expect(put('room', 'back')).toMatchObject({ shares: [{ placeId: 'back', cents: 9000 }] });
  });
});
