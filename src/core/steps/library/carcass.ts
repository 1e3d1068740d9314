import { material, own, step, trade, type Step } from '../step';

/** Stages 5 to 7: what carries, what keeps the weather out, what runs in the walls. */
export const CARCASS: readonly Step[] = [
  step(5, 'structure.shore', 'Set temporary shoring', own('each', 150, 1, { hands: 2 }), {
    materials: [material('posts', 'Shoring posts, hired', 'set', 1, 90, { lead: 3 })],
    cautions: ['structure', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['shoring', 'props', 'shore'],
  }),
  step(5, 'structure.beam', 'Beam set by the carpenter', trade('carpenter', 2, 2_400), {
    materials: [material('beam', 'Beam to the engineer’s size', 'beam', 1, 620, { lead: 14 })],
    cautions: ['structure', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['beam'],
  }),
  step(5, 'structure.unshore', 'Take the shoring away', own('each', 60, 1, { hands: 2 }), {
    cautions: ['structure', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['shoring out', 'props out'],
  }),
  step(5, 'structure.joists', 'Sister the tired joists', own('floor', 210, 100, { hands: 2 }), {
    materials: [material('joist', 'Joist stock and bolts', 'length', 25, 34, { waste: 10 })],
    cautions: ['structure', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['sister', 'joists', 'sistering'],
  }),
  step(5, 'structure.subfloor', 'Lay the subfloor', own('floor', 90, 100), {
    materials: [material('ply', 'Subfloor sheet', 'sheet', 32, 48, { waste: 10, lead: 2 })],
    cautions: ['weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['subfloor', 'sub floor'],
  }),
  step(5, 'structure.wall', 'Frame the wall', own('each', 240), {
    materials: [material('studs', 'Studs and plates', 'wall', 1, 130)],
    cautions: ['structure', 'blades'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['frame wall', 'framing', 'studs'],
  }),
  step(5, 'slab.drains', 'Lay the under-slab pipes', own('each', 420), {
    materials: [material('drainpipe', 'Drain pipe and fittings', 'set', 1, 210)],
    cautions: ['water', 'silica'],
    tags: ['structure'],
    says: ['under slab', 'trench'],
  }),
  step(5, 'slab.pour', 'Pour the screed', own('floor', 150, 100, { setup: 60, hands: 2 }), {
    wait: { hours: 600, what: 'The screed cures' },
    materials: [material('screed', 'Screed mix', 'bag', 5, 9, { waste: 10, lead: 3 })],
    cautions: ['silica', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['screed', 'pour', 'poured'],
  }),
  step(6, 'shell.roof', 'Mend the roof and flashing', own('floor', 200, 100, { hands: 2 }), {
    materials: [
      material('shingle', 'Shingles and flashing', 'square', 100, 165, { waste: 10, lead: 5 }),
    ],
    cautions: ['falls', 'weight'],
    tags: ['shell'],
    says: ['roof', 'shingles', 'flashing'],
  }),
  step(6, 'shell.gutter', 'Hang gutters and downpipes', own('perimeter', 60, 30, { hands: 2 }), {
    materials: [material('gutter', 'Gutter with brackets', 'length', 10, 22, { waste: 5 })],
    cautions: ['falls'],
    tags: ['shell'],
    says: ['gutter', 'downpipe'],
  }),
  step(6, 'shell.drain', 'Lay the perimeter drain', own('perimeter', 120, 20), {
    materials: [material('drain', 'Perforated pipe and gravel', 'run', 10, 38)],
    cautions: ['water'],
    tags: ['shell'],
    says: ['perimeter drain', 'french drain', 'drain trench'],
  }),
  step(6, 'shell.window', 'Set the window', own('each', 210, 1, { hands: 2 }), {
    materials: [material('window', 'Window to the measured opening', 'unit', 1, 540, { lead: 35 })],
    cautions: ['falls', 'weight', 'lead-asbestos'],
    tags: ['shell', 'opens-up'],
    meets: [{ condition: 'way-out', kinds: ['bedroom'] }],
    says: ['window', 'windows'],
  }),
  step(6, 'shell.door', 'Set the outside door', own('each', 240, 1, { hands: 2 }), {
    materials: [material('outdoor', 'Outside door with frame', 'unit', 1, 780, { lead: 28 })],
    cautions: ['weight', 'lead-asbestos'],
    tags: ['shell', 'opens-up'],
    meets: [{ condition: 'door' }],
    says: ['outside door', 'front door', 'back door', 'entry door'],
  }),
  step(6, 'shell.wrap', 'Wrap and flash the face', own('walls', 40, 100, { hands: 2 }), {
    materials: [material('wrap', 'House wrap and tape', 'roll', 900, 130, { waste: 15 })],
    cautions: ['falls'],
    tags: ['shell'],
    says: ['house wrap', 'wrap'],
  }),
  step(6, 'shell.porch', 'Frame the porch', own('floor', 480, 100, { hands: 2 }), {
    materials: [
      material('porch-frame', 'Treated posts, joists, hangers', 'set', 100, 720, {
        lead: 6,
        waste: 10,
      }),
    ],
    cautions: ['structure', 'falls', 'weight'],
    tags: ['shell'],
    says: ['porch frame', 'porch posts'],
  }),
  step(7, 'rough.drains', 'Run drains and vents', own('each', 330), {
    materials: [material('waste-pipe', 'Waste and vent pipe', 'set', 1, 150)],
    cautions: ['water', 'structure'],
    tags: ['rough'],
    says: ['drains', 'vents', 'waste pipe', 'stack'],
  }),
  step(7, 'rough.ducts', 'Run the ducts', own('each', 180), {
    materials: [material('duct', 'Duct and grilles', 'set', 1, 95)],
    cautions: ['structure', 'blades'],
    tags: ['rough'],
    says: ['duct', 'ducts'],
  }),
  step(7, 'rough.fan', 'Set the bath fan and its duct', own('each', 120), {
    materials: [material('fan', 'Bath fan', 'unit', 1, 115, { lead: 4 })],
    cautions: ['power', 'falls'],
    tags: ['rough'],
    says: ['fan', 'bath fan'],
  }),
  step(7, 'rough.water', 'Run the water pipes', own('each', 270), {
    materials: [material('supply', 'Supply pipe and valves', 'set', 1, 125)],
    cautions: ['water', 'heat'],
    tags: ['rough'],
    says: ['water pipes', 'supply', 'plumbing', 'pipes'],
  }),
  step(7, 'rough.gas', 'Gas line by the licensed fitter', trade('gas fitter', 1, 520), {
    cautions: ['gas'],
    tags: ['rough'],
    says: ['gas line', 'gas'],
  }),
  step(7, 'rough.cable', 'Pull cable and set boxes', own('each', 300), {
    materials: [material('cable', 'Cable, boxes, clamps', 'set', 1, 110)],
    cautions: ['power', 'structure'],
    tags: ['rough'],
    says: ['cable', 'cables', 'wiring', 'wire', 'boxes'],
  }),
  step(7, 'rough.panel', 'New panel by the electrician', trade('electrician', 2, 2_600), {
    at: 'house',
    cautions: ['power'],
    tags: ['rough'],
    meets: [{ condition: 'power' }],
    says: ['panel', 'service'],
  }),
  step(7, 'rough.bath-in', 'Carry the bath in, two people', own('each', 60, 1, { hands: 2 }), {
    materials: [material('bath', 'Bath or shower base', 'unit', 1, 640, { lead: 21 })],
    cautions: ['weight'],
    tags: ['rough'],
    says: ['tub in', 'carry tub', 'carry bath', 'shower base'],
  }),
];
