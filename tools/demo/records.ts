import type { ChangeOrder, JobId, OwnJob, PlaceId } from '../../src/core/house';
import type { EventBodyOf } from '../../src/core/journal';
import { cents, minutes, plainDate } from '../../src/core/units';

/** What the log strip does not say: the find that snowballed, quotes, leftovers, an open question. */
const at = (id: string) => id as PlaceId;
const job = (id: string) => id as JobId;

type Dated = { on: string; event: EventBodyOf };

const SNOWBALL = 'Rot found under the back window';

const find = (own: Omit<OwnJob, 'because' | 'changeId'>, changeId = 'rot'): Dated => ({
  on: '2026-02-07',
  event: { type: 'jobAdded', payload: { ...own, because: SNOWBALL, changeId } },
});

/** What one find led to: the sill, then the joists behind it, then the flashing that let the water in. */
const changed = (
  id: string,
  title: string,
  placeId: string,
  cause: ChangeOrder['cause'],
  dollars: number,
): Dated => ({
  on: '2026-02-07',
  event: {
    type: 'changeOrdered',
    payload: {
      id,
      on: plainDate('2026-02-07'),
      title,
      placeId: at(placeId),
      cause,
      cents: cents(dollars * 100),
      drawsOn: 'contingency',
    },
  },
});

const CHANGES: readonly Dated[] = [
  changed('rot', 'New sill in the back bedroom', 'back-bed', { kind: 'find', text: SNOWBALL }, 120),
  changed(
    'joists',
    'Joist ends on the wet wall',
    'back-bed',
    { kind: 'change', text: 'soft behind the sill', changeId: 'rot' },
    240,
  ),
  changed(
    'flashing',
    'Flashing of the back wall',
    'roof',
    { kind: 'change', text: 'where the water came in', changeId: 'joists' },
    90,
  ),
];

const FIND: readonly Dated[] = [
  find({
    id: job('back-bed/own.sill'),
    placeId: at('back-bed'),
    title: 'Cut out the rotten sill plate',
    stage: 5,
    minutes: minutes(240),
    hands: 1,
    before: [job('back-bed/structure.subfloor')],
  }),
  find(
    {
      id: job('back-bed/own.joist-ends'),
      placeId: at('back-bed'),
      title: 'Splice the joist ends on the wet wall',
      stage: 5,
      minutes: minutes(360),
      hands: 2,
      before: [job('back-bed/structure.subfloor')],
    },
    'joists',
  ),
  find(
    {
      id: job('roof/own.flashing'),
      placeId: at('roof'),
      title: 'Flash the back wall where the water came in',
      stage: 6,
      minutes: minutes(180),
      hands: 2,
      before: [],
    },
    'flashing',
  ),
  find({
    id: job('back-bed/own.dry'),
    placeId: at('back-bed'),
    title: 'Dry the wall and treat it',
    stage: 5,
    minutes: minutes(90),
    hands: 1,
    before: [job('back-bed/insulate.batts')],
  }),
];

const REST: readonly Dated[] = [
  {
    on: '2026-03-01',
    event: {
      type: 'questionAsked',
      payload: {
        id: 'opening',
        placeId: at('kitchen'),
        question: 'Opening to the laundry: a door, or wide and cased?',
        askedOn: plainDate('2026-03-01'),
        holdsUp: [job('kitchen/paint.wash'), job('laundry/trim.casing')],
        answer: null,
      },
    },
  },
  quote('2026-01-14', 'tile', 'bath', 'Bathroom floor tiled', 1_480, 'Quarry Lane Tilers', [
    'bath/tile.backer',
    'bath/tile.seal',
    'bath/tile.set',
    'bath/tile.grout',
  ]),
  quote(
    '2026-02-18',
    'board',
    null,
    'Board and three coats, three rooms',
    6_900,
    'Plumb and True',
    ['living', 'front-bed', 'back-bed'].flatMap((room) =>
      ['ceiling', 'walls', 'tape', 'second', 'finish', 'sand'].map(
        (step) => `${room}/board.${step}`,
      ),
    ),
  ),
  quote('2026-01-09', 'shingles', 'roof', 'Roof mended', 5_200, 'Ridge and Eave', [
    'roof/shell.roof',
  ]),
  quote('2026-03-12', 'gutter', 'roof', 'Gutters and downpipes', 880, 'Ridge and Eave', [
    'roof/shell.gutter',
  ]),
  quote('2026-03-13', 'gutter-2', 'roof', 'Gutters and downpipes', 940, 'Marl Sheet Metal', [
    'roof/shell.gutter',
  ]),
  leftover('2026-02-28', 'sheets', 'Drywall sheets', '3 whole, 2 halves', 'living'),
  leftover('2026-03-08', 'tiles', 'Bathroom tile', '11 whole', 'bath'),
  leftover('2026-02-21', 'mix', 'Screed mix', '2 bags, dry', 'cellar'),
];

function quote(
  on: string,
  id: string,
  placeId: string | null,
  what: string,
  dollars: number,
  from: string,
  jobIds: readonly string[],
): Dated {
  const where = placeId === null ? null : at(placeId);
  return {
    on,
    event: {
      type: 'quoteKept',
      payload: {
        id,
        placeId: where,
        what,
        cents: cents(dollars * 100),
        from,
        jobIds: jobIds.map(job),
        on: plainDate(on),
      },
    },
  };
}

function leftover(on: string, id: string, what: string, amount: string, placeId: string): Dated {
  return {
    on,
    event: { type: 'leftoverKept', payload: { id, what, amount, placeId: at(placeId) } },
  };
}

/** What sums of the log pay for, as the owner was asked and said; two of the latest are still to be asked. */
const matched = (on: string, nth: number, entry: number, covers: readonly string[]): Dated => ({
  on,
  event: {
    type: 'purchaseMatched',
    payload: { paymentId: `${on}-${nth}:${entry}`, covers: [...covers], whole: true },
  },
});

const MATCHES: readonly Dated[] = [
  matched('2026-01-12', 2, 0, ['cellar/look.frame+trade']),
  matched('2026-01-20', 2, 0, []),
  matched('2026-02-02', 2, 1, ['bath/rough.bath-in+bath']),
  matched('2026-02-13', 2, 0, [
    'bath/insulate.batts+batts',
    'back-bed/insulate.batts+batts',
    'front-bed/insulate.batts+batts',
  ]),
  matched('2026-03-03', 2, 0, []),
];

const RECEIPTS: readonly Dated[] = [
  {
    on: '2026-03-10',
    event: {
      type: 'receiptKept',
      payload: {
        id: 'marl-timber',
        on: plainDate('2026-03-10'),
        shop: 'Marl Timber',
        is: 'purchase',
        lines: [
          {
            what: 'Shelf boards and paste',
            kind: 'materials',
            cents: cents(13_180),
            rooms: [
              { placeId: at('laundry'), weight: 70 },
              { placeId: at('kitchen'), weight: 30 },
            ],
            covers: ['laundry/cabinets.shelves+shelf'],
          },
          {
            what: 'Bit set',
            kind: 'tools',
            cents: cents(2_490),
            rooms: [],
          },
        ],
        taxCents: cents(1_293),
        drawsOn: 'budget',
        photoId: null,
        note: null,
      },
    },
  },
];

export const RECORDS: readonly Dated[] = [...CHANGES, ...FIND, ...REST, ...MATCHES, ...RECEIPTS];
