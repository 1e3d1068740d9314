import { cents, plainDate, type Currency, type PlainDate } from '../../units';
import { idOf } from '../ids';
import type { PlaceKind, Project } from '../../house';
import { reduceJournal, type EventBodyOf } from '../../journal';
import { added, chosen, place, stamped, week } from '../houses';

/** The three made-up houses the test lines are said in. */
export type LineHouse = { project: Project; today: PlainDate };

type Told = {
  name: string;
  units: 'imperial' | 'metric';
  currency: Currency;
  helpers: readonly string[];
  firstDay: string;
  today: string;
  rooms: readonly (readonly [
    id: string,
    kind: PlaceKind,
    name: string,
    works: readonly string[],
  ])[];
  done?: readonly string[];
  begun?: readonly string[];
  shops?: readonly string[];
};

function houseTold(told: Told): LineHouse {
  const today = plainDate(told.today);
  const logged: EventBodyOf[] = [
    ...(told.done ?? []).map((jobId) => ({ jobId, share: 100 })),
    ...(told.begun ?? []).map((jobId) => ({ jobId, share: 40 })),
  ].map(({ jobId, share }, at) => ({
    type: 'dayLogged',
    payload: {
      id: `known-${at}` as never,
      date: plainDate(told.firstDay),
      line: jobId,
      entries: [{ kind: 'progress', jobId: jobId as never, share }],
    },
  }));
  const bought: EventBodyOf[] = (told.shops ?? []).map((shop, at) => ({
    type: 'dayLogged',
    payload: {
      id: `bought-${at}` as never,
      date: plainDate(told.firstDay),
      line: `5 nails at ${shop}`,
      entries: [
        {
          kind: 'money',
          what: 'nails',
          spend: 'materials',
          shares: [{ placeId: null, cents: 500 as never }],
          shop,
          drawsOn: 'budget',
        },
      ],
    },
  }));
  const bodies: EventBodyOf[] = [
    {
      type: 'houseStarted',
      payload: {
        house: {
          name: told.name,
          yearBuilt: 1931,
          occupancy: 'empty',
          firstDay: plainDate(told.firstDay),
          wishedMoveIn: null,
        },
        units: told.units,
        currency: told.currency,
        people: [
          { id: idOf('me'), name: 'Me', role: 'self', week: week(180, 420) },
          ...told.helpers.map((name) => ({
            id: name.toLowerCase() as never,
            name,
            role: 'helper' as const,
            week: week(0, 300),
          })),
        ],
      },
    },
    { type: 'budgetAgreed', payload: { total: cents(4_000_000), contingency: cents(600_000) } },
    ...told.rooms.map(([id, kind, name]) => added(place(id, kind, 12, name))),
    ...told.rooms.flatMap(([id, , , works]) => works.map((work) => chosen(id, work))),
    ...logged,
    ...bought,
  ];
  const project = reduceJournal(stamped(bodies));
  if (!project) throw new Error('no house');
  return { project, today };
}

/** Feet and dollars; Saturday, 14 March 2026. */
export const TERRACE = houseTold({
  name: 'Terrace',
  units: 'imperial',
  currency: 'USD',
  helpers: ['Bert', 'Ana'],
  firstDay: '2026-01-05',
  today: '2026-03-14',
  rooms: [
    ['hall', 'hall', 'Hall', ['repaint']],
    ['living', 'living', 'Living room', ['reline', 'new-floor', 'rewire', 'base-trim']],
    ['kitchen', 'kitchen', 'Kitchen', ['kitchen', 'tile-floor', 'repaint']],
    ['bath', 'bathroom', 'Bathroom', ['bathroom']],
    ['back', 'bedroom', 'Back bedroom', ['reline', 'sand-floor', 'window']],
    ['front', 'bedroom', 'Front bedroom', ['reline', 'inside-doors']],
    ['cellar', 'cellar', 'Cellar', ['panel']],
    ['roof', 'roof', 'Roof', ['new-roof', 'gutters']],
    ['yard', 'yard', 'Yard', ['regrade']],
  ],
  done: ['back/demo.walls', 'back/demo.ceiling', 'front/demo.walls', 'living/demo.walls'],
  begun: ['back/board.tape', 'bath/demo.fixtures', 'living/rough.cable'],
  shops: ['Marl Timber', 'Quarry Lane'],
});

/** Metres and euros; Wednesday, 9 September 2026. */
export const FARMHOUSE = houseTold({
  name: 'Farmhouse',
  units: 'metric',
  currency: 'EUR',
  helpers: ['Lena', 'Piet'],
  firstDay: '2026-05-01',
  today: '2026-09-09',
  rooms: [
    ['stue', 'living', 'Big room', ['reline', 'screed', 'heater', 'window']],
    ['kitchen', 'kitchen', 'Kitchen', ['kitchen', 'repaint']],
    ['shower', 'bathroom', 'Shower room', ['bathroom', 'tile-walls']],
    ['loft', 'bedroom', 'Loft', ['reline', 'new-floor', 'insulate-roof']],
    ['kids', 'bedroom', "Kids' room", ['repaint', 'carpet']],
    ['passage', 'hall', 'Passage', ['repaint', 'tile-floor']],
    ['barn', 'outside-face', 'North face', ['siding', 'paint-outside']],
  ],
  done: ['loft/demo.walls', 'kitchen/demo.fixtures'],
  begun: ['shower/wall.backer', 'passage/paint.wash', 'loft/board.walls'],
  shops: ['Stein und Holz'],
});

/** Feet and pounds, one person alone; Monday, 2 November 2026. */
export const COTTAGE = houseTold({
  name: 'Cottage',
  units: 'metric',
  currency: 'GBP',
  helpers: ['Maud'],
  firstDay: '2026-08-03',
  today: '2026-11-02',
  rooms: [
    ['parlour', 'living', 'Parlour', ['reline', 'sand-floor', 'stove']],
    ['kitchen', 'kitchen', 'Kitchen', ['kitchen', 'new-floor']],
    ['bath', 'bathroom', 'Bathroom', ['bathroom']],
    ['bed1', 'bedroom', 'Main bedroom', ['repaint', 'new-floor']],
    ['bed2', 'bedroom', 'Little bedroom', ['reline']],
    ['stairs', 'stairs', 'Stairs', ['repaint', 'stair-rail']],
    ['porch', 'porch', 'Porch', ['porch']],
  ],
  done: ['bed2/demo.walls'],
  begun: ['bed1/paint.prime', 'kitchen/demo.floor'],
  shops: ['Tallow Hardware'],
});
