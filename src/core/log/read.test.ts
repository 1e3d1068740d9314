import fc from 'fast-check';
import type { Entry } from '../house';
import { added, chosen, houseOf, place } from '../testing/houses';
import { plainDate } from '../units';
import { logJobs } from '../progress';
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
const read = (line: string) => readLine(line, context);
const entries = (line: string): Entry[] => settle(read(line), {}).entries;
const open = (line: string) => settle(read(line), {}).open;

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
      { kind: 'find', text: 'rot at sill', placeId: 'back' },
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
    expect(entries('$90 paint kitchen 60 bath 30')[0]).toMatchObject({
      shares: [
        { placeId: 'kitchen', cents: 6000 },
        { placeId: 'bath', cents: 3000 },
      ],
    });
  });

  it('keeps the shop whole when its name holds an "and"', () => {
    expect(entries('$38 wall paint back bedroom at Lime and Linseed')[0]).toMatchObject({
      what: 'wall paint',
      shop: 'Lime and Linseed',
    });
  });

  it('reads refunds, trades and what a find costs', () => {
    expect(entries('refund $20 screws')[0]).toMatchObject({ shares: [{ cents: -2000 }] });
    expect(entries('$480 electrician')[0]).toMatchObject({ spend: 'trades' });
    expect(entries('found rot at sill back bedroom, $62 treated lumber')[1]).toMatchObject({
      drawsOn: 'contingency',
    });
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
    expect(entries('1h grouting bath')[0]).toMatchObject({ placeId: 'bath' });
  });

  it.each([
    ['yesterday 2h stripping walls back bedroom', '2026-03-13'],
    ['Thu 12 Mar 2h stripping walls back bedroom', '2026-03-12'],
    ['Wed: 2h stripping walls back bedroom', '2026-03-11'],
    ['2026-03-02 2h stripping walls back bedroom', '2026-03-02'],
    ['2h stripping walls back bedroom', '2026-03-14'],
  ])('dates "%s"', (line, date) => {
    expect(read(line).date).toBe(date);
    expect(entries(line)[0]).toMatchObject({ kind: 'hours', minutes: 120 });
  });

  it('refuses days before the first and after today', () => {
    expect(read('2026-01-04 2h stripping').fault).toMatchObject({ code: 'before-start' });
    expect(read('2026-03-15 2h stripping').fault).toMatchObject({ code: 'future' });
    expect(read('').fault).toEqual({ code: 'empty' });
  });
});

describe('where it is unclear it asks', () => {
  it('which room, when two have the same job', () => {
    const [question] = open('2h stripping walls');
    expect(question).toMatchObject({ code: 'which-job' });
    expect(
      question?.choices.map((choice) => ('jobId' in choice ? choice.jobId : choice.kind)),
    ).toEqual(['back/demo.walls', 'front/demo.walls', 'place-only', 'leave-out']);
  });

  it('who, when the name is not known', () => {
    expect(open('2h Bogdan stripping walls back bedroom')[0]).toMatchObject({ code: 'who' });
  });

  it('how far, when only the job is named', () => {
    expect(open('strip walls back bedroom')[0]).toMatchObject({ code: 'how-far' });
  });

  it('what it is, when it means nothing', () => {
    expect(open('blue elephants dance')[0]).toMatchObject({ code: 'what-is-this' });
  });

  it('and the answer becomes the entry', () => {
    const reading = read('2h stripping walls');
    const id = open('2h stripping walls')[0]?.id ?? '';
    expect(settle(reading, { [id]: 1 })).toEqual({
      open: [],
      entries: [
        {
          kind: 'hours',
          personId: 'me',
          minutes: 120,
          jobId: 'front/demo.walls',
          placeId: 'front',
        },
      ],
    });
  });
});

describe('whatever is typed', () => {
  const scraps = fc.constantFrom(
    '2h30',
    'me',
    'Ana',
    'taping',
    'back bedroom',
    'done',
    '$18.40',
    'screws',
    'found',
    'rot',
    ',',
    'and',
    'kitchen',
    'half',
    '1 bucket',
    'compound',
    'yesterday',
    '12',
    ';',
    '€',
    '%',
    'strip walls',
  );
  it('is never lost and never throws; receipts keep their sum', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(scraps, { maxLength: 14 }).map((all) => all.join(' ')),
        ),
        (line) => {
          const reading = read(line);
          for (const part of reading.parts) {
            expect(
              'entries' in part ? part.entries.length : part.question.choices.length,
            ).toBeGreaterThan(0);
          }
        },
      ),
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 999_999 }), (value) => {
        const money = `$${Math.floor(value / 100)}.${String(value % 100).padStart(2, '0')}`;
        const [entry] = entries(`${money} tile for kitchen and bath and back bedroom`);
        const shares = entry?.kind === 'money' ? entry.shares : [];
        expect(shares).toHaveLength(3);
        expect(shares.reduce((sum, share) => sum + share.cents, 0)).toBe(value);
      }),
    );
  });
});
