import { byJob, inspection, material, own, step, trade, type Step } from '../step';

const STRUCTURE = ['structure'] as const;
const MEETS = [{ condition: 'structure' }] as const;

/** What the house stands on. */
const BASE: readonly Step[] = [
  step(
    5,
    'base.layout',
    'Set out with strings and batter boards',
    own('once', 300, 1, { hands: 2 }),
    {
      materials: [byJob('stakes', 'Stakes, boards and string', 'set', 45)],
      cautions: ['digging'],
      says: ['layout', 'batter boards', 'set out'],
    },
  ),
  step(5, 'base.dig', 'Dig the footings', own('perimeter', 45, 1, { setup: 60 }), {
    cautions: ['digging', 'trench', 'overhead'],
    says: ['dig footings', 'footing trench'],
  }),
  step(5, 'hold.footing', 'Footing inspection', inspection(3), {
    says: ['footing inspection'],
  }),
  step(
    5,
    'base.footing',
    'Form and pour the footings',
    own('perimeter', 30, 1, { setup: 120, hands: 2 }),
    {
      wait: { hours: 120, what: 'The footings cure' },
      materials: [
        material('footing-mix', 'Concrete for footings', 'bag', 0.5, 8, {
          waste: 10,
          lead: 3,
          metric: ['bag', 0.15],
        }),
        material('rebar', 'Reinforcing bar', 'bar', 9, 11, { waste: 10, metric: ['bar', 2.8] }),
      ],
      cautions: ['concrete', 'weight', 'silica'],
      tags: STRUCTURE,
      says: ['footings', 'pour footings'],
    },
  ),
  step(5, 'base.wall', 'Foundation wall or piers by the mason', trade('mason', 4, 5_200), {
    wait: { hours: 168, what: 'The foundation wall cures' },
    cautions: ['structure', 'weight', 'trench'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['foundation wall', 'piers'],
  }),
  step(
    5,
    'base.mend',
    'Foundation wall braced or replaced by the firm',
    trade('foundation firm', 5, 9_800),
    {
      wait: { hours: 168, what: 'The foundation cures' },
      cautions: ['structure', 'trench', 'weight'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['foundation mended', 'foundation braced'],
    },
  ),
  step(5, 'slab.drains', 'Lay the under-slab pipes', own('each', 600), {
    materials: [material('drainpipe', 'Drain pipe and fittings for one run', 'lot', 1, 210)],
    cautions: ['water', 'silica', 'trench'],
    tags: STRUCTURE,
    says: ['under slab', 'trench'],
  }),
  step(
    5,
    'heat.slab',
    'Lay and test the heat pipes under the slab',
    own('floor', 180, 100, { setup: 60, hands: 2 }),
    {
      materials: [
        material('heat-pipe', 'Underfloor pipe', 'coil', 230, 120, {
          waste: 5,
          lead: 7,
          metric: ['coil', 21],
        }),
      ],
      cautions: ['water'],
      tags: STRUCTURE,
      says: ['heat pipes under slab'],
    },
  ),
  step(5, 'hold.under-slab', 'Under-slab inspection', inspection(3), {
    at: 'floor',
    says: ['under slab inspection'],
  }),
  step(
    5,
    'slab.pour',
    'Pour the slab or screed',
    own('floor', 300, 100, { setup: 120, hands: 2 }),
    {
      wait: { hours: 600, what: 'The pour cures' },
      materials: [
        material('screed', 'Screed mix', 'bag', 5, 9, { waste: 10, lead: 3, metric: ['bag', 0.4] }),
      ],
      cautions: ['concrete', 'silica', 'weight'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['screed', 'pour', 'poured', 'slab'],
    },
  ),
  step(5, 'level.piers', 'Set a new pier and its jack', own('each', 360, 1, { hands: 2 }), {
    many: 'Set {n} new piers and their jacks',
    materials: [material('jack', 'Screw jack and cribbing, hired', 'jack', 1, 95, { lead: 3 })],
    cautions: ['jacking', 'structure', 'weight'],
    tags: STRUCTURE,
    says: ['piers', 'jacks set'],
  }),
  step(
    5,
    'level.jack',
    'Lift in turns, an eighth of an inch a day',
    own('each', 600, 1, { hands: 2 }),
    {
      wait: { hours: 336, what: 'The house follows the jacks and settles', isAnswer: true },
      materials: [material('crib', 'Cribbing and steel shims', 'lot', 1, 60)],
      cautions: ['jacking', 'structure'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['jacking', 'lifted', 'levelled the house'],
    },
  ),
  step(5, 'base.backfill', 'Backfill in layers', own('perimeter', 30), {
    cautions: ['trench', 'structure'],
    says: ['backfill'],
  }),
];

/** Floors, walls, beams, roofs. */
const FRAME: readonly Step[] = [
  step(5, 'structure.joists', 'Sister the tired joists', own('joists', 135, 1, { hands: 2 }), {
    materials: [material('joist', 'Joist stock and bolts', 'length', 1, 34, { waste: 10 })],
    cautions: ['structure', 'weight', 'open-joists'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['sister', 'joists', 'sistering'],
  }),
  step(5, 'frame.joists', 'Set the floor joists', own('floor', 420, 100, { hands: 2 }), {
    materials: [
      material('floor-joist', 'Joist stock and hangers', 'length', 14, 34, {
        waste: 10,
        lead: 3,
        metric: ['length', 1.3],
      }),
    ],
    cautions: ['structure', 'falls', 'open-joists'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['set joists', 'new joists'],
  }),
  step(5, 'structure.subfloor', 'Lay the subfloor', own('floor', 160, 100), {
    materials: [
      material('ply', 'Subfloor sheet', 'sheet', 32, 48, {
        waste: 10,
        lead: 2,
        metric: ['sheet', 2.97],
      }),
    ],
    cautions: ['weight', 'open-joists'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['subfloor', 'sub floor'],
  }),
  step(5, 'structure.wall', 'Frame the wall', own('each', 390), {
    many: 'Frame the {n} walls',
    materials: [material('studs', 'Studs and plates for one wall', 'lot', 1, 130)],
    cautions: ['structure', 'blades'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['frame wall', 'framing', 'studs'],
  }),
  step(
    5,
    'frame.walls',
    'Frame and raise the walls',
    own('perimeter', 45, 1, { setup: 120, hands: 2 }),
    {
      materials: [
        material('stud', 'Studs and plates', 'stud', 0.6, 6, {
          waste: 15,
          lead: 3,
          metric: ['stud', 0.18],
        }),
      ],
      cautions: ['structure', 'weight', 'falls'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['raise walls', 'walls up'],
    },
  ),
  step(
    5,
    'frame.infill',
    'Frame sill and studs between the posts',
    own('perimeter', 25, 1, { setup: 60 }),
    {
      materials: [
        material('infill-stud', 'Treated sill, studs and plates', 'stud', 0.7, 6, {
          waste: 15,
          metric: ['stud', 0.21],
        }),
      ],
      cautions: ['structure', 'blades'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['infill', 'studs between posts'],
    },
  ),
  step(5, 'bearing.reroute', 'Move what runs in the bearing wall', own('each', 240), {
    cautions: ['power', 'water'],
    tags: STRUCTURE,
    says: ['lines out of the wall'],
  }),
  step(5, 'bearing.posts', 'Footings and posts for the beam', own('each', 540, 1, { hands: 2 }), {
    wait: { hours: 96, what: 'The footings cure' },
    materials: [
      material('post', 'Posts, bases and concrete for one beam', 'lot', 1, 210, { lead: 3 }),
    ],
    cautions: ['structure', 'weight', 'concrete'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['posts below', 'beam footings'],
  }),
  step(5, 'bearing.beam-in', 'Carry the beam into the room', own('each', 90, 1, { hands: 2 }), {
    materials: [material('beam', 'Beam to the engineer’s size', 'beam', 1, 620, { lead: 14 })],
    cautions: ['weight', 'two-at-beam'],
    tags: STRUCTURE,
    says: ['beam carried in'],
  }),
  step(
    5,
    'structure.shore',
    'Shore both sides, down to bearing',
    own('each', 240, 1, { hands: 2 }),
    {
      materials: [
        material('posts', 'Shoring posts for one wall, hired', 'hire', 1, 90, { lead: 3 }),
      ],
      cautions: ['structure', 'weight', 'two-at-beam'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['shoring', 'props', 'shore'],
    },
  ),
  step(
    5,
    'demo.wall',
    'Take the bearing wall out and carry it off',
    own('each', 420, 1, { hands: 2 }),
    {
      many: 'Take the {n} bearing walls out and carry them off',
      cautions: ['structure', 'dust', 'power', 'weight', 'two-at-beam'],
      tags: STRUCTURE,
      says: ['wall out', 'knock through'],
    },
  ),
  step(5, 'structure.beam', 'Beam set by the carpenter', trade('carpenter', 2, 2_400), {
    cautions: ['structure', 'weight', 'two-at-beam'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['beam'],
  }),
  step(
    5,
    'bearing.joists',
    'Hang the joists and make them good',
    own('each', 300, 1, { hands: 2 }),
    {
      materials: [material('hangers', 'Joist hangers and nails for one wall', 'lot', 1, 85)],
      cautions: ['structure', 'falls'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['hangers', 'joists hung'],
    },
  ),
  step(5, 'bearing.look', 'Beam and hangers inspection', inspection(3), {
    cautions: ['structure'],
    says: ['beam inspection'],
  }),
  step(5, 'structure.unshore', 'Take the shoring away', own('each', 90, 1, { hands: 2 }), {
    cautions: ['structure', 'weight'],
    tags: STRUCTURE,
    meets: MEETS,
    says: ['shoring out', 'props out'],
  }),
  step(
    5,
    'structure.stair',
    'Old stair out and new stair in by the stair builder',
    trade('stair builder', 2, 3_600),
    {
      cautions: ['structure', 'falls', 'weight'],
      tags: STRUCTURE,
      meets: [{ condition: 'stairs' }],
      says: ['new stair', 'stair builder'],
    },
  ),
  step(
    5,
    'frame.roof',
    'Set the rafters or trusses',
    own('roof', 540, 100, { setup: 120, hands: 2 }),
    {
      materials: [
        material('rafter', 'Rafters or trusses with ties', 'piece', 20, 48, {
          waste: 5,
          lead: 28,
          metric: ['piece', 1.9],
        }),
      ],
      cautions: ['structure', 'falls', 'weight', 'wind'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['rafters', 'trusses', 'roof framing'],
    },
  ),
  step(
    5,
    'chimney.close',
    'Close roof and floors where the chimney was',
    own('once', 960, 1, { hands: 2 }),
    {
      materials: [byJob('chimney-infill', 'Rafter and joist stock, sheathing', 'lot', 240)],
      cautions: ['structure', 'falls'],
      tags: STRUCTURE,
      meets: MEETS,
      says: ['chimney hole closed'],
    },
  ),
  step(5, 'frame.sheath', 'Sheathe the walls', own('walls', 150, 100, { hands: 2 }), {
    materials: [
      material('sheathing', 'Wall sheathing', 'sheet', 32, 26, {
        waste: 10,
        lead: 2,
        metric: ['sheet', 2.97],
      }),
    ],
    cautions: ['falls', 'weight'],
    tags: STRUCTURE,
    says: ['sheathing'],
  }),
  step(5, 'frame.deck-roof', 'Sheathe the roof', own('roof', 170, 100, { hands: 2 }), {
    materials: [
      material('roof-sheathing', 'Roof sheathing', 'sheet', 32, 28, {
        waste: 10,
        lead: 2,
        metric: ['sheet', 2.97],
      }),
    ],
    cautions: ['falls', 'weight', 'wind'],
    tags: STRUCTURE,
    says: ['roof sheathing'],
  }),
];

/** Decks, platforms and porches. */
const DECK: readonly Step[] = [
  step(5, 'deck.dig', 'Dig the deck footing', own('each', 110), {
    many: 'Dig the {n} deck footings',
    cautions: ['digging', 'overhead'],
    says: ['dig deck footings'],
  }),
  step(5, 'deck.footing', 'Pour the deck footing', own('each', 130, 1, { hands: 2 }), {
    many: 'Pour the {n} deck footings',
    wait: { hours: 72, what: 'The footings cure' },
    materials: [material('deck-mix', 'Concrete and form tube for one footing', 'lot', 1, 48)],
    cautions: ['digging', 'concrete', 'weight'],
    tags: STRUCTURE,
    says: ['deck footings'],
  }),
  step(5, 'deck.posts', 'Set and brace the post', own('each', 75, 1, { hands: 2 }), {
    many: 'Set and brace the {n} posts',
    materials: [material('deck-post', 'Treated post and base', 'post', 1, 44, { lead: 3 })],
    cautions: ['structure', 'weight'],
    tags: STRUCTURE,
    says: ['deck posts'],
  }),
  step(
    5,
    'deck.ledger',
    'Bolt the ledger to the house and flash it',
    own('once', 300, 1, { hands: 2 }),
    {
      materials: [byJob('ledger', 'Treated ledger, bolts and flashing', 'set', 140)],
      cautions: ['structure', 'falls'],
      tags: STRUCTURE,
      says: ['ledger'],
    },
  ),
  step(5, 'deck.frame', 'Beams and joists of the deck', own('floor', 720, 100, { hands: 2 }), {
    materials: [
      material('deck-joist', 'Treated joists, beams and hangers', 'length', 12, 27, {
        waste: 10,
        lead: 6,
        metric: ['length', 1.1],
      }),
    ],
    cautions: ['structure', 'falls', 'weight'],
    tags: STRUCTURE,
    says: ['deck frame', 'deck joists'],
  }),
  step(6, 'shell.porch', 'Frame the porch', own('floor', 960, 100, { hands: 2 }), {
    materials: [
      material('porch-frame', 'Treated posts, joists and hangers', 'length', 10, 72, {
        lead: 6,
        waste: 10,
        metric: ['length', 0.93],
      }),
    ],
    cautions: ['structure', 'falls', 'weight'],
    tags: ['shell'],
    says: ['porch frame', 'porch posts'],
  }),
  step(8, 'hold.deck', 'Deck frame inspection', inspection(3), {
    says: ['deck inspection'],
  }),
];

/** Stage 5: what carries. */
export const STRUCTURAL: readonly Step[] = [...BASE, ...FRAME, ...DECK];
