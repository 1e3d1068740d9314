import { byJob, material, own, step, trade, type Step } from '../step';

const BOARD = ['board'] as const;

/** Stages 9 and 10: fill and cover. */
const COVER: readonly Step[] = [
  step(
    9,
    'insulate.seal',
    'Seal the air leaks',
    own('outer-walls', 60, 100, { factors: { attic: 1.5 } }),
    {
      materials: [material('foam', 'Sealant and foam', 'can', 120, 9, { metric: ['can', 11] })],
      cautions: ['fumes', 'foam', 'attic'],
      tags: ['insulates'],
      says: ['air seal', 'seal gaps', 'foam'],
    },
  ),
  step(9, 'insulate.batts', 'Fit the batts', own('outer-walls', 105, 100), {
    materials: [
      material('batts', 'Insulation batts', 'pack', 88, 62, {
        waste: 5,
        lead: 3,
        metric: ['pack', 8.2],
      }),
    ],
    cautions: ['fibre', 'buried-cable'],
    tags: ['insulates'],
    says: ['batts', 'insulation', 'insulate', 'insulating'],
  }),
  step(
    9,
    'insulate.roof',
    'Insulate between the rafters, vent kept open',
    own('ceiling', 150, 100),
    {
      materials: [
        material('roof-batts', 'Rafter insulation and vent baffles', 'pack', 60, 74, {
          waste: 8,
          lead: 5,
          metric: ['pack', 5.6],
        }),
      ],
      cautions: ['fibre', 'attic', 'falls'],
      tags: ['insulates'],
      says: ['rafter insulation', 'roof insulation'],
    },
  ),
  step(9, 'insulate.floor', 'Insulate the floor', own('floor', 120, 100), {
    materials: [
      material('floor-batts', 'Floor insulation', 'pack', 88, 62, {
        waste: 5,
        lead: 3,
        metric: ['pack', 8.2],
      }),
    ],
    cautions: ['fibre', 'open-joists'],
    tags: ['insulates'],
    says: ['floor insulation'],
  }),
  step(9, 'insulate.blown', 'Blow the attic insulation', own('floor', 100, 100, { hands: 2 }), {
    materials: [
      material('blown', 'Blown insulation', 'bag', 18, 19, {
        waste: 5,
        lead: 5,
        metric: ['bag', 1.7],
      }),
    ],
    cautions: ['fibre', 'attic', 'buried-cable', 'falls'],
    tags: ['insulates'],
    says: ['blown', 'blow insulation', 'attic insulation'],
  }),
  step(10, 'board.ceiling', 'Hang board on the ceiling', own('ceiling', 300, 100, { hands: 2 }), {
    materials: [
      material('board', 'Drywall sheet', 'sheet', 32, 17, {
        waste: 10,
        lead: 2,
        metric: ['sheet', 2.88],
      }),
      material('screws', 'Drywall screws', 'box', 500, 12, { metric: ['box', 46] }),
    ],
    cautions: ['weight', 'dust', 'falls'],
    tags: BOARD,
    says: ['board ceiling', 'hang ceiling', 'ceiling board', 'drywall ceiling'],
  }),
  step(
    10,
    'ceiling.boards',
    'Fix boards or panels to the ceiling',
    own('ceiling', 420, 100, { setup: 45, hands: 2 }),
    {
      materials: [
        material('ceiling-board', 'Ceiling boards', 'pack', 16, 38, {
          waste: 10,
          lead: 7,
          metric: ['pack', 1.5],
        }),
      ],
      cautions: ['blades', 'falls'],
      says: ['ceiling boards', 'beadboard ceiling'],
    },
  ),
  step(10, 'board.walls', 'Hang board on the walls', own('walls', 156, 100), {
    materials: [
      material('board', 'Drywall sheet', 'sheet', 32, 17, {
        waste: 10,
        lead: 2,
        metric: ['sheet', 2.88],
      }),
      material('screws', 'Drywall screws', 'box', 500, 12, { metric: ['box', 46] }),
    ],
    cautions: ['weight', 'dust'],
    tags: BOARD,
    says: ['board walls', 'hang board', 'drywall', 'hanging board', 'sheets'],
  }),
  step(10, 'wall.boards', 'Fix boards to the walls', own('walls', 300, 100, { setup: 45 }), {
    materials: [
      material('wall-board', 'Wall boards', 'pack', 16, 38, {
        waste: 10,
        lead: 7,
        metric: ['pack', 1.5],
      }),
    ],
    cautions: ['blades', 'dust'],
    says: ['wall boards', 'beadboard', 'panelling'],
  }),
  step(10, 'opening.patch', 'Patch the inside round the opening', own('each', 210), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [
      material('opening-patch', 'Board, compound and tape for one opening', 'lot', 1, 36),
    ],
    cautions: ['dust', 'lead-asbestos'],
    says: ['patched round'],
  }),
  step(10, 'service.patch', 'Patch the holes that lines left', own('each', 90, 1, { setup: 30 }), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [byJob('patch', 'Patch board and compound', 'lot', 32)],
    cautions: ['dust', 'lead-asbestos'],
    says: ['patched holes'],
  }),
  step(10, 'board.tape', 'Tape and bedding coat', own('surfaces', 70, 100, { setup: 20 }), {
    wait: { hours: 24, what: 'The bedding coat dries' },
    materials: [
      material('compound', 'Ready-mix compound', 'bucket', 450, 19, { metric: ['bucket', 42] }),
      material('tape', 'Joint tape', 'roll', 900, 6, { metric: ['roll', 84] }),
    ],
    cautions: ['dust', 'falls'],
    tags: BOARD,
    says: ['tape', 'taping', 'bedding coat', 'first coat of compound'],
  }),
  step(
    10,
    'board.tape-ceiling',
    'Tape and fill the ceiling, three coats',
    own('ceiling', 240, 100, { setup: 40 }),
    {
      wait: { hours: 72, what: 'Three coats dry' },
      materials: [
        material('compound', 'Ready-mix compound', 'bucket', 150, 19, { metric: ['bucket', 14] }),
      ],
      cautions: ['dust', 'falls'],
      tags: BOARD,
      says: ['tape ceiling', 'taping ceiling', 'fill ceiling'],
    },
  ),
  step(10, 'board.second', 'Second coat of compound', own('surfaces', 50, 100, { setup: 15 }), {
    wait: { hours: 24, what: 'The second coat dries' },
    materials: [
      material('compound', 'Ready-mix compound', 'bucket', 600, 19, { metric: ['bucket', 56] }),
    ],
    cautions: ['dust'],
    tags: BOARD,
    says: ['second coat', 'tape second coat', 'taping second coat'],
  }),
  step(10, 'board.finish', 'Finish coat of compound', own('surfaces', 42, 100, { setup: 15 }), {
    wait: { hours: 24, what: 'The finish coat dries' },
    materials: [
      material('topping', 'Finish compound', 'bucket', 600, 21, { metric: ['bucket', 56] }),
    ],
    cautions: ['dust'],
    tags: BOARD,
    says: ['finish coat', 'third coat', 'skim'],
  }),
  step(10, 'wall.texture', 'Texture the surface', own('surfaces', 45, 100, { setup: 30 }), {
    wait: { hours: 24, what: 'The texture dries' },
    materials: [material('texture', 'Texture compound', 'bag', 250, 24, { metric: ['bag', 23] })],
    cautions: ['dust'],
    says: ['texture', 'textured'],
  }),
  step(
    10,
    'board.sand',
    'Sand and look with a side light',
    own('surfaces', 35, 100, { setup: 15 }),
    {
      cautions: ['dust'],
      tags: BOARD,
      says: ['sand', 'sanding', 'sanded'],
    },
  ),
];

/** Stages 11 and 16: paint and paper. */
const PAINT: readonly Step[] = [
  step(11, 'mend.ceiling', 'Patch the ceiling', own('patches', 60, 1, { setup: 45 }), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [material('patch', 'Patch board and compound', 'patch', 1, 9)],
    cautions: ['lead-asbestos', 'power', 'dust', 'falls', 'plaster-ceiling'],
    says: ['patch ceiling', 'patching ceiling'],
  }),
  step(11, 'mend.walls', 'Patch the walls', own('patches', 45, 1, { setup: 45 }), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [material('patch', 'Patch board and compound', 'patch', 1, 9)],
    cautions: ['lead-asbestos', 'dust'],
    says: ['patch walls', 'patching walls'],
  }),
  step(
    11,
    'paint.wash',
    'Wash, fill and sand the old paint',
    own('walls', 55, 100, { setup: 20 }),
    {
      wait: { hours: 12, what: 'The spackle hardens' },
      materials: [material('spackle', 'Spackle', 'tub', 600, 11, { metric: ['tub', 56] })],
      cautions: ['lead-asbestos', 'dust'],
      says: ['wash walls', 'fill', 'spackle'],
    },
  ),
  step(11, 'paint.prime', 'Prime', own('surfaces', 30, 100, { setup: 20 }), {
    wait: { hours: 4, what: 'The primer dries' },
    materials: [material('primer', 'Primer', 'gallon', 250, 24, { metric: ['litre', 6.1] })],
    cautions: ['fumes'],
    tags: ['paint'],
    says: ['prime', 'primer', 'priming'],
  }),
  step(
    11,
    'paint.ceiling',
    'Paint the ceiling, two coats',
    own('ceiling', 75, 100, { setup: 20 }),
    {
      wait: { hours: 4, what: 'The ceiling paint dries' },
      materials: [
        material('ceiling-paint', 'Ceiling paint', 'gallon', 190, 31, { metric: ['litre', 4.7] }),
      ],
      cautions: ['fumes', 'falls'],
      tags: ['paint'],
      says: ['paint ceiling', 'ceiling paint', 'painting ceiling'],
    },
  ),
  step(11, 'paint.walls', 'First coat on the walls', own('walls', 46, 100, { setup: 20 }), {
    wait: { hours: 4, what: 'The first coat dries' },
    materials: [material('paint', 'Wall paint', 'gallon', 375, 38, { metric: ['litre', 9.2] })],
    cautions: ['fumes'],
    tags: ['paint'],
    says: ['paint walls', 'painting', 'first coat of paint', 'wall paint', 'paint'],
  }),
  step(11, 'wall.paper', 'Hang the wallpaper', own('walls', 130, 100, { setup: 45 }), {
    wait: { hours: 24, what: 'The paste dries' },
    materials: [
      material('wallpaper', 'Wallpaper and paste', 'roll', 45, 42, {
        waste: 15,
        lead: 10,
        metric: ['roll', 4.2],
      }),
    ],
    cautions: ['power'],
    tags: ['paint'],
    says: ['wallpaper', 'papering'],
  }),
  step(
    11,
    'wall.panels',
    'Fix the panelling over the wall',
    own('walls', 240, 100, { setup: 45 }),
    {
      materials: [
        material('panel', 'Panelling and rails', 'pack', 32, 64, {
          waste: 10,
          lead: 10,
          metric: ['pack', 3],
        }),
      ],
      cautions: ['blades', 'power'],
      says: ['panelling', 'wainscot'],
    },
  ),
  step(16, 'last.caulk', 'Caulk the joints', own('perimeter', 35, 40, { setup: 10 }), {
    wait: { hours: 4, what: 'The caulk skins over' },
    materials: [material('caulk', 'Paintable caulk', 'tube', 60, 5, { metric: ['tube', 18] })],
    says: ['caulk', 'caulking'],
  }),
  step(16, 'last.coat', 'Last coat and touch up', own('walls', 46, 100, { setup: 20 }), {
    wait: { hours: 16, what: 'The last coat hardens' },
    materials: [material('paint', 'Wall paint', 'gallon', 375, 38, { metric: ['litre', 9.2] })],
    cautions: ['fumes'],
    says: ['last coat', 'touch up', 'final coat'],
  }),
];

const TILE_CAUTIONS = ['silica', 'weight'] as const;

/** Stage 13: floors and tile. */
const FLOORS: readonly Step[] = [
  step(13, 'mend.boards', 'Mend loose and broken boards', own('floor', 90, 100, { setup: 45 }), {
    materials: [byJob('boards', 'Matching boards and screws', 'pack', 38)],
    cautions: ['blades', 'power'],
    says: ['mend boards', 'loose boards', 'mend floor'],
  }),
  step(
    13,
    'heat.floor',
    'Lay and test the floor heating pipes',
    own('floor', 180, 100, { setup: 60 }),
    {
      materials: [
        material('heat-pipe', 'Underfloor pipe and plates', 'coil', 230, 180, {
          waste: 5,
          lead: 7,
          metric: ['coil', 21],
        }),
      ],
      cautions: ['water'],
      says: ['floor heating pipes'],
    },
  ),
  step(
    13,
    'floor.level',
    'Level the floor in one go',
    own('floor', 110, 100, { setup: 60, hands: 2 }),
    {
      wait: { hours: 48, what: 'The leveller hardens' },
      materials: [material('leveller', 'Self-leveller', 'bag', 25, 38, { metric: ['bag', 2.3] })],
      cautions: ['silica', 'weight'],
      says: ['level', 'leveller', 'levelling', 'level floor', 'levelling floor'],
    },
  ),
  step(13, 'floor.carry', 'Carry the floor boards in to settle', own('floor', 30, 100), {
    wait: { hours: 96, what: 'The boards settle to the room' },
    materials: [
      material('planks', 'Floor boards', 'carton', 22, 84, {
        waste: 8,
        lead: 12,
        metric: ['carton', 2.05],
      }),
      material('underlay', 'Underlay', 'roll', 100, 42, { metric: ['roll', 9.3] }),
    ],
    cautions: ['weight'],
    says: ['boards in', 'carry boards', 'acclimatise'],
  }),
  step(13, 'floor.lay', 'Lay the floor', own('floor', 290, 100, { setup: 45 }), {
    cautions: ['blades', 'dust'],
    tags: ['finished-floor', 'for-living'],
    meets: [{ condition: 'floors' }],
    says: ['floor', 'lay floor', 'flooring', 'laying floor', 'planks'],
  }),
  step(
    13,
    'floor.sheet',
    'Glue down the sheet floor',
    own('floor', 210, 100, { setup: 60, hands: 2 }),
    {
      wait: { hours: 24, what: 'The glue sets' },
      materials: [
        material('sheet-floor', 'Sheet floor and glue', 'roll', 120, 310, {
          waste: 10,
          lead: 7,
          metric: ['roll', 11],
        }),
      ],
      cautions: ['fumes', 'blades'],
      tags: ['finished-floor', 'for-living'],
      meets: [{ condition: 'floors' }],
      says: ['sheet floor', 'vinyl'],
    },
  ),
  step(13, 'floor.sand', 'Sand the old boards', own('floor', 310, 100, { setup: 60 }), {
    materials: [
      material('sander', 'Floor sander, hired', 'day', 300, 75, { lead: 2, metric: ['day', 28] }),
    ],
    cautions: ['dust', 'lead-asbestos'],
    says: ['sand floor', 'sanding floor', 'floor sander'],
  }),
  step(13, 'floor.finish', 'Oil or varnish the floor', own('floor', 190, 100, { setup: 30 }), {
    wait: { hours: 72, what: 'The floor finish hardens' },
    materials: [material('floor-finish', 'Floor finish', 'can', 250, 68, { metric: ['can', 23] })],
    cautions: ['floor-fumes', 'rags'],
    tags: ['finished-floor', 'for-living'],
    meets: [{ condition: 'floors' }],
    says: ['oil floor', 'varnish', 'floor finish'],
  }),
  step(13, 'tile.backer', 'Fix the backer board on the floor', own('floor', 420, 100), {
    materials: [
      material('backer', 'Backer board', 'sheet', 15, 15, { waste: 10, metric: ['sheet', 1.4] }),
    ],
    cautions: ['silica', 'blades'],
    says: ['backer', 'backer board'],
  }),
  step(
    13,
    'heat.mat',
    'Lay the heat mat, measured before, during and after',
    own('floor', 300, 100, { setup: 45 }),
    {
      materials: [
        material('mat', 'Heat mat with sensor', 'mat', 30, 190, { lead: 10, metric: ['mat', 2.8] }),
      ],
      cautions: ['power'],
      says: ['heat mat'],
    },
  ),
  step(13, 'tile.seal', 'Waterproof the floor', own('floor', 270, 100), {
    wait: { hours: 24, what: 'The waterproofing dries' },
    materials: [
      material('membrane', 'Waterproof coating', 'pail', 100, 96, { metric: ['pail', 9.3] }),
    ],
    cautions: ['fumes'],
    says: ['waterproofing', 'membrane'],
  }),
  step(13, 'tile.flood', 'Flood the pan for a day and look below', own('once', 45), {
    wait: { hours: 24, what: 'The pan stands full of water', isAnswer: true },
    cautions: ['water'],
    says: ['flood test', 'pan flooded'],
  }),
  step(13, 'tile.set', 'Set the floor tile', own('floor', 930, 100, { setup: 60 }), {
    wait: { hours: 24, what: 'The thinset hardens' },
    materials: [
      material('tile', 'Tile', 'box', 11, 36, { waste: 12, lead: 14, metric: ['box', 1] }),
      material('thinset', 'Thinset', 'bag', 60, 24, { metric: ['bag', 5.6] }),
    ],
    cautions: TILE_CAUTIONS,
    tags: ['finished-floor'],
    says: ['tile', 'tiling', 'set tile', 'tiles'],
  }),
  step(13, 'tile.grout', 'Grout the floor', own('floor', 300, 100), {
    wait: { hours: 72, what: 'The grout cures' },
    materials: [material('grout', 'Grout', 'bag', 100, 21, { metric: ['bag', 9.3] })],
    cautions: ['silica'],
    tags: ['finished-floor', 'for-living'],
    meets: [{ condition: 'floors' }],
    says: ['grout', 'grouting'],
  }),
  step(14, 'floor.carpet', 'Carpet laid by the fitter', trade('carpet fitter', 1, 620), {
    cautions: ['blades'],
    tags: ['for-living'],
    meets: [{ condition: 'floors' }],
    says: ['carpet'],
  }),
];

/** Tiled walls round baths and showers. */
const WALL_TILE: readonly Step[] = [
  step(13, 'wall.backer', 'Fix the backer board round the bath', own('surround', 600, 100), {
    materials: [
      material('backer', 'Backer board', 'sheet', 15, 15, { waste: 10, metric: ['sheet', 1.4] }),
    ],
    cautions: ['silica', 'blades'],
    says: ['wall backer'],
  }),
  step(13, 'wall.seal', 'Waterproof the walls round the bath', own('surround', 340, 100), {
    wait: { hours: 24, what: 'The waterproofing dries' },
    materials: [
      material('membrane', 'Waterproof coating', 'pail', 100, 96, { metric: ['pail', 9.3] }),
    ],
    cautions: ['fumes'],
    says: ['wall waterproofing'],
  }),
  step(13, 'wall.tile', 'Set the wall tile', own('surround', 1_740, 100, { setup: 60 }), {
    wait: { hours: 24, what: 'The thinset hardens' },
    materials: [
      material('wall-tile', 'Wall tile', 'box', 11, 36, {
        waste: 12,
        lead: 14,
        metric: ['box', 1],
      }),
      material('thinset', 'Thinset', 'bag', 60, 24, { metric: ['bag', 5.6] }),
    ],
    cautions: TILE_CAUTIONS,
    says: ['wall tile', 'tiling walls'],
  }),
  step(13, 'wall.grout', 'Grout the wall tile', own('surround', 340, 100), {
    wait: { hours: 72, what: 'The grout cures' },
    materials: [material('grout', 'Grout', 'bag', 100, 21, { metric: ['bag', 9.3] })],
    cautions: ['silica'],
    says: ['grout walls'],
  }),
  step(
    13,
    'wall.refresh-tile',
    'Rake out, regrout, reseal or paint the tile',
    own('surround', 500, 100, { setup: 60 }),
    {
      wait: { hours: 24, what: 'Grout and seal cure' },
      materials: [
        material('refresh', 'Grout, sealer or tile paint', 'tub', 60, 34, { metric: ['tub', 5.6] }),
      ],
      cautions: ['silica', 'fumes'],
      says: ['regrout', 'reseal', 'paint tile'],
    },
  ),
  step(13, 'tile.silicone', 'Silicone the corners', own('once', 75), {
    wait: { hours: 24, what: 'The silicone cures' },
    materials: [byJob('silicone', 'Sanitary silicone', 'tube', 12)],
    cautions: ['fumes'],
    says: ['silicone'],
  }),
  step(13, 'tile.splash', 'Tile the backsplash', own('once', 660), {
    wait: { hours: 24, what: 'The grout hardens' },
    materials: [
      material('splash-tile', 'Backsplash tile', 'box', 0.34, 34, { lead: 14 }),
      byJob('splash-thinset', 'Thinset and grout', 'bag', 24),
    ],
    cautions: ['silica', 'power'],
    says: ['backsplash', 'splashback'],
  }),
];

/** Stages 9 to 11, 13 and 16: insulation, board, paint, floors, tile. */
export const SURFACES: readonly Step[] = [...COVER, ...PAINT, ...FLOORS, ...WALL_TILE];
