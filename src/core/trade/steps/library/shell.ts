import { byJob, material, own, step, type Step } from '../step';

const SHELL = ['shell'] as const;

/** A window or door that changes: one run of steps that never stands open overnight. */
const OPENINGS: readonly Step[] = [
  step(6, 'opening.reroute', 'Move the cable and pipe in the way', own('each', 240), {
    materials: [material('reroute', 'Cable, box and pipe to go round one opening', 'lot', 1, 65)],
    cautions: ['power', 'water', 'structure'],
    tags: ['rough'],
    says: ['reroute', 'moved cable'],
  }),
  step(6, 'opening.shore', 'Prop what the wall carries', own('each', 180, 1, { hands: 2 }), {
    materials: [material('props', 'Props for one opening, hired', 'hire', 1, 60, { lead: 3 })],
    cautions: ['structure', 'weight', 'two-at-beam'],
    tags: SHELL,
    says: ['propped', 'props in'],
  }),
  step(
    6,
    'opening.frame',
    'Cut and frame the hole, sheeted and locked each night',
    own('each', 1_200, 1, { hands: 2 }),
    {
      materials: [
        material('header', 'Header to the engineer’s size, studs, sheeting', 'lot', 1, 190, {
          lead: 4,
        }),
      ],
      cautions: ['structure', 'power', 'silica', 'lead-asbestos', 'falls'],
      tags: SHELL,
      says: ['cut opening', 'framed opening', 'header in'],
    },
  ),
  step(
    6,
    'opening.set',
    'Set, flash and close the unit the same day',
    own('each', 480, 1, { hands: 2 }),
    {
      materials: [
        material('pan', 'Sill pan, flashing tape and foam for one opening', 'lot', 1, 48),
      ],
      cautions: ['weight', 'glass', 'falls', 'lead-asbestos', 'dry-tonight'],
      tags: SHELL,
      meets: [{ condition: 'way-out', kinds: ['bedroom'] }],
      says: ['unit set', 'opening set', 'new opening'],
    },
  ),
  step(6, 'opening.unshore', 'Take the props away', own('each', 60, 1, { hands: 2 }), {
    cautions: ['structure', 'weight'],
    tags: SHELL,
    says: ['props away'],
  }),
  step(
    6,
    'structure.opening',
    'Old unit out, hole framed and closed the same day',
    own('each', 480, 1, { hands: 2 }),
    {
      materials: [material('infill', 'Studs, sheathing and wrap for one hole', 'lot', 1, 95)],
      cautions: ['structure', 'falls', 'glass', 'lead-asbestos', 'dry-tonight'],
      tags: ['structure'],
      meets: [{ condition: 'structure' }],
      says: ['close opening', 'move opening', 'infill'],
    },
  ),
  step(
    6,
    'shell.window',
    'Old window out, new one set the same day',
    own('each', 330, 1, { hands: 2 }),
    {
      many: 'Old windows out, {n} new ones set, each the same day',
      fresh: ['Set the window', 'Set the {n} windows'],
      materials: [
        material('window', 'Window to the measured opening', 'unit', 1, 540, { lead: 35 }),
      ],
      cautions: ['falls', 'weight', 'glass', 'lead-asbestos', 'dry-tonight'],
      tags: SHELL,
      meets: [{ condition: 'way-out', kinds: ['bedroom'] }],
      says: ['window', 'windows'],
    },
  ),
  step(6, 'shell.door', 'Set the outside door', own('each', 450, 1, { hands: 2 }), {
    many: 'Set the {n} outside doors',
    materials: [material('outdoor', 'Outside door with frame', 'unit', 1, 780, { lead: 21 })],
    cautions: ['weight', 'lead-asbestos', 'dry-tonight'],
    tags: SHELL,
    meets: [{ condition: 'door' }],
    says: ['outside door', 'front door', 'back door', 'entry door'],
  }),
];

const ROOF: readonly Step[] = [
  step(
    6,
    'roof.section',
    'Strip, mend the boards and dry in, section by section',
    own('roof', 240, 100, { hands: 2 }),
    {
      materials: [
        material('underlay-roof', 'Roof underlay', 'roll', 400, 95, {
          waste: 15,
          lead: 3,
          metric: ['roll', 37],
        }),
        material('roof-boards', 'Roof boards to replace', 'sheet', 320, 28, {
          lead: 3,
          metric: ['sheet', 30],
        }),
      ],
      cautions: ['falls', 'lead-asbestos', 'weight', 'wind', 'dry-tonight'],
      tags: SHELL,
      says: ['strip roof', 'roof stripped', 'dried in'],
    },
  ),
  step(6, 'roof.dry-in', 'Dry the roof in', own('roof', 75, 100, { hands: 2 }), {
    materials: [
      material('underlay-roof', 'Roof underlay', 'roll', 400, 95, {
        waste: 15,
        lead: 3,
        metric: ['roll', 37],
      }),
    ],
    cautions: ['falls', 'wind'],
    tags: SHELL,
    says: ['underlay', 'dry in'],
  }),
  step(6, 'roof.leads', 'Valley and chimney leads', own('each', 300, 1, { hands: 2 }), {
    materials: [
      material('lead-sheet', 'Lead or metal for one chimney or valley', 'lot', 1, 160, { lead: 5 }),
    ],
    cautions: ['falls', 'lead-asbestos', 'chimney'],
    tags: SHELL,
    says: ['leads', 'valley', 'chimney flashing'],
  }),
  step(6, 'roof.cover', 'Lay the covering and flash it', own('roof', 180, 100, { hands: 2 }), {
    materials: [
      material('covering', 'Shingles, slate or metal, with nails', 'square', 100, 165, {
        waste: 10,
        lead: 7,
        metric: ['pack', 3],
      }),
      material('drip', 'Drip edge and flashing', 'length', 90, 14, {
        waste: 10,
        metric: ['length', 8.4],
      }),
    ],
    cautions: ['falls', 'weight', 'wind'],
    tags: SHELL,
    says: ['shingled', 'roof covered', 'slates on'],
  }),
  step(6, 'roof.ridge', 'Close the ridge and vents', own('once', 180, 1, { hands: 2 }), {
    materials: [byJob('ridge', 'Ridge pieces and vent', 'lot', 120, { lead: 5 })],
    cautions: ['falls', 'wind'],
    tags: SHELL,
    says: ['ridge'],
  }),
  step(6, 'shell.roof', 'Mend the roof and flashing', own('roof', 300, 100, { hands: 2 }), {
    materials: [
      material('shingle', 'Shingles and flashing', 'square', 100, 165, {
        waste: 10,
        lead: 5,
        metric: ['pack', 3],
      }),
    ],
    cautions: ['falls', 'weight', 'lead-asbestos', 'wind'],
    tags: SHELL,
    says: ['roof', 'shingles', 'flashing'],
  }),
  step(6, 'shell.gutter', 'Hang gutters and downpipes', own('perimeter', 90, 10, { hands: 2 }), {
    materials: [
      material('gutter', 'Gutter with brackets', 'length', 10, 22, {
        waste: 5,
        metric: ['length', 3],
      }),
    ],
    cautions: ['falls', 'overhead'],
    tags: SHELL,
    says: ['gutter', 'downpipe'],
  }),
];

const FACE: readonly Step[] = [
  step(6, 'shell.wrap', 'Wrap the face', own('face', 100, 100, { hands: 2 }), {
    materials: [
      material('wrap', 'House wrap and tape', 'roll', 900, 130, {
        waste: 15,
        metric: ['roll', 84],
      }),
    ],
    cautions: ['falls', 'wind'],
    tags: SHELL,
    says: ['house wrap', 'wrap'],
  }),
  step(6, 'face.flash', 'Flash what goes through the skin', own('once', 180), {
    materials: [byJob('flashing', 'Flashing, blocks and tape', 'lot', 75)],
    cautions: ['falls'],
    tags: SHELL,
    says: ['flashed', 'step flashing'],
  }),
  step(6, 'shell.drain', 'Lay the perimeter drain', own('perimeter', 60, 5), {
    materials: [
      material('drain', 'Perforated pipe and gravel', 'length', 10, 38, { metric: ['length', 3] }),
    ],
    cautions: ['digging', 'trench', 'water'],
    tags: SHELL,
    says: ['perimeter drain', 'french drain', 'drain trench'],
  }),
  step(6, 'shell.clear-drains', 'Clear and mend the drains', own('perimeter', 45, 20), {
    materials: [byJob('drain-parts', 'Drain grates and joints', 'lot', 40)],
    cautions: ['water', 'falls'],
    tags: SHELL,
    says: ['clear drains', 'drains cleared'],
  }),
];

const JOIN: readonly Step[] = [
  step(
    6,
    'join.old-new',
    'Join old to new: level, plane, membrane, siding line',
    own('once', 720, 1, { hands: 2 }),
    {
      materials: [byJob('join-flashing', 'Membrane, flashing and trim for the joint', 'lot', 180)],
      cautions: ['falls', 'structure', 'dry-tonight'],
      tags: SHELL,
      says: ['joined old and new'],
    },
  ),
  step(
    6,
    'join.break-through',
    'Break through to the new part',
    own('once', 960, 1, { hands: 2 }),
    {
      materials: [
        byJob('opening-frame', 'Header to the engineer’s size, studs', 'lot', 190, { lead: 4 }),
      ],
      cautions: ['structure', 'power', 'dust', 'weight', 'lead-asbestos'],
      tags: SHELL,
      says: ['break through', 'broke through'],
    },
  ),
];

/** Stage 6: what keeps the weather out. */
export const WEATHER: readonly Step[] = [...OPENINGS, ...ROOF, ...FACE, ...JOIN];

/** Stage 17: the outside skin and the ground. */
export const OUTSIDE: readonly Step[] = [
  step(17, 'outside.siding', 'Hang the siding', own('walls', 520, 100, { hands: 2 }), {
    materials: [
      material('siding', 'Siding', 'bundle', 100, 310, {
        waste: 10,
        lead: 16,
        metric: ['pack', 3],
      }),
    ],
    cautions: ['falls', 'silica', 'fibre-cement'],
    tags: ['outside-finish'],
    says: ['siding', 'cladding'],
  }),
  step(17, 'wall.render', 'Render the face, two coats', own('walls', 420, 100, { hands: 2 }), {
    wait: { hours: 168, what: 'The render cures' },
    materials: [
      material('render', 'Render and mesh', 'bag', 22, 16, {
        waste: 10,
        lead: 3,
        metric: ['bag', 2],
      }),
    ],
    cautions: ['falls', 'silica', 'concrete'],
    tags: ['outside-finish'],
    says: ['render', 'rendered'],
  }),
  step(17, 'opening.skin', 'Make the outside skin good round the opening', own('each', 300), {
    materials: [
      material('patch-skin', 'Matching siding, trim and sealant for one opening', 'lot', 1, 110, {
        lead: 7,
      }),
    ],
    cautions: ['falls', 'lead-asbestos', 'fibre-cement'],
    tags: ['outside-finish'],
    says: ['skin made good'],
  }),
  step(17, 'mend.skin', 'Patch the outside skin', own('walls', 45, 100, { setup: 60 }), {
    materials: [byJob('skin', 'Matching cladding and sealant', 'lot', 90)],
    cautions: ['falls', 'lead-asbestos'],
    tags: ['outside-finish'],
    says: ['patch siding', 'repoint', 'patch outside'],
  }),
  step(17, 'outside.paint', 'Paint the outside, two coats', own('walls', 180, 100, { setup: 30 }), {
    wait: { hours: 16, what: 'The outside paint dries' },
    materials: [
      material('outside-paint', 'Outside paint', 'gallon', 150, 46, { metric: ['litre', 3.7] }),
    ],
    cautions: ['falls', 'lead-asbestos', 'overhead'],
    tags: ['outside-finish'],
    says: ['paint outside', 'outside paint', 'paint face'],
  }),
  step(17, 'outside.deck', 'Lay the deck boards', own('floor', 750, 100), {
    materials: [
      material('decking', 'Deck boards and screws', 'length', 4, 17, {
        waste: 8,
        lead: 6,
        metric: ['length', 0.37],
      }),
    ],
    cautions: ['blades', 'open-joists'],
    tags: ['outside-finish'],
    says: ['decking', 'porch boards', 'deck boards'],
  }),
  step(17, 'outside.rail', 'Build the stairs and rails', own('once', 1_800), {
    materials: [
      byJob('porch-rail', 'Rails, balusters, stringers and treads', 'lot', 340, { lead: 6 }),
    ],
    cautions: ['falls', 'blades'],
    tags: ['outside-finish'],
    meets: [],
    says: ['porch rails', 'porch steps', 'deck rails'],
  }),
  step(17, 'outside.grade', 'Grade the ground away from the wall', own('floor', 120, 100), {
    cautions: ['water', 'digging'],
    tags: ['outside-finish'],
    says: ['grade', 'grading', 'soil', 'dig'],
  }),
  step(17, 'outside.paving', 'Lay the paving on its bed', own('floor', 900, 100, { hands: 2 }), {
    materials: [
      material('paver', 'Paving and bedding', 'pallet', 100, 420, {
        waste: 8,
        lead: 7,
        metric: ['pallet', 9],
      }),
    ],
    cautions: ['weight', 'silica', 'digging'],
    tags: ['outside-finish'],
    says: ['paving', 'pavers'],
  }),
  step(17, 'outside.fence', 'Set the fence', own('perimeter', 45, 1, { hands: 2 }), {
    materials: [
      material('fence', 'Posts, rails, boards and concrete', 'panel', 8, 95, {
        lead: 7,
        metric: ['panel', 2.4],
      }),
    ],
    cautions: ['digging', 'weight'],
    tags: ['outside-finish'],
    says: ['fence'],
  }),
  step(17, 'outside.lawn', 'Plant, sow and water in', own('floor', 60, 100, { setup: 30 }), {
    materials: [
      material('seed', 'Seed, plants and mulch', 'bag', 400, 38, { metric: ['bag', 37] }),
    ],
    tags: ['outside-finish'],
    says: ['lawn', 'planted', 'sown'],
  }),
];
