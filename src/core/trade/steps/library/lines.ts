import { byJob, inspection, material, own, step, trade, type Step } from '../step';

const ROUGH = ['rough'] as const;
const SMALL_PIPES = { kitchen: 0.5, laundry: 0.5, hall: 0.4 } as const;

/** Stage 7: what runs in walls, floors and ceilings. */
const RUNS: readonly Step[] = [
  step(7, 'rough.drains', 'Run drains and vents', own('each', 660, 1, { factors: SMALL_PIPES }), {
    materials: [material('waste-pipe', 'Waste and vent pipe for one room', 'lot', 1, 150)],
    cautions: ['water', 'structure', 'cast-iron'],
    tags: ROUGH,
    says: ['drains', 'vents', 'waste pipe', 'stack'],
  }),
  step(7, 'rough.ducts', 'Run the ducts', own('each', 420), {
    materials: [material('duct', 'Duct and grilles for one room', 'lot', 1, 95)],
    cautions: ['structure', 'blades'],
    tags: ROUGH,
    says: ['duct', 'ducts'],
  }),
  step(7, 'rough.fan', 'Set the bath fan and its duct', own('each', 240), {
    materials: [material('fan', 'Bath fan and duct', 'unit', 1, 115, { lead: 4 })],
    cautions: ['power', 'falls'],
    tags: ROUGH,
    says: ['fan', 'bath fan'],
  }),
  step(7, 'radon.pipe', 'Radon pipe from under the slab through the roof', own('once', 600), {
    materials: [byJob('radon', 'Pipe, fan and alarm', 'lot', 240, { lead: 5 })],
    cautions: ['falls', 'power', 'silica'],
    tags: ROUGH,
    says: ['radon'],
  }),
  step(
    7,
    'rough.bath-wall',
    'Seal, insulate and photograph the outside wall behind the bath',
    own('each', 120),
    {
      materials: [
        material('bath-wall', 'Insulation and sheet for the strip behind one bath', 'lot', 1, 45),
      ],
      cautions: ['fibre', 'fumes'],
      tags: ROUGH,
      says: ['behind the bath'],
    },
  ),
  step(7, 'rough.bath-in', 'Set the bath or tray', own('each', 360, 1, { hands: 2 }), {
    materials: [material('bath', 'Bath or shower tray', 'unit', 1, 640, { lead: 21 })],
    cautions: ['weight', 'water'],
    tags: ROUGH,
    says: ['tub in', 'carry tub', 'carry bath', 'shower base', 'tray set'],
  }),
  step(
    7,
    'rough.shower-in',
    'Bring the one-piece unit in before the wall that shuts it in',
    own('each', 180, 1, { hands: 2 }),
    {
      materials: [material('one-piece', 'One-piece bath or shower', 'unit', 1, 980, { lead: 28 })],
      cautions: ['weight'],
      says: ['one-piece in'],
    },
  ),
  step(
    7,
    'rough.water',
    'Run the water pipes',
    own('each', 420, 1, { factors: { kitchen: 0.6, laundry: 0.6 } }),
    {
      materials: [material('supply', 'Supply pipe and valves for one room', 'lot', 1, 125)],
      cautions: ['water', 'heat'],
      tags: ROUGH,
      says: ['water pipes', 'supply', 'plumbing', 'pipes'],
    },
  ),
  step(7, 'rough.heat', 'Run the heating pipes', own('each', 300), {
    materials: [material('heat-run', 'Flow and return pipe for one heater', 'lot', 1, 85)],
    cautions: ['water', 'heat'],
    tags: ROUGH,
    says: ['heating pipes'],
  }),
  step(
    7,
    'rough.lineset',
    'Line set and condensate by the fitter',
    trade('heat pump fitter', 1, 900),
    {
      cautions: ['power', 'falls'],
      tags: ROUGH,
      says: ['line set'],
    },
  ),
  step(7, 'rough.gas', 'Gas line by the licensed fitter', trade('gas fitter', 1, 520), {
    cautions: ['gas'],
    tags: ROUGH,
    says: ['gas line', 'gas'],
  }),
  step(
    7,
    'stove.flue',
    'Flue and clearances by the chimney firm',
    trade('chimney firm', 2, 2_400),
    {
      cautions: ['falls', 'heat', 'chimney'],
      tags: ROUGH,
      says: ['flue'],
    },
  ),
  step(7, 'rough.panel', 'New panel by the electrician', trade('electrician', 2, 2_600), {
    at: 'house',
    cautions: ['power', 'live-panel'],
    tags: ROUGH,
    meets: [{ condition: 'power' }],
    says: ['panel', 'service'],
  }),
  step(
    7,
    'rough.cable',
    'Pull cable and set boxes',
    own('each', 420, 1, { factors: { kitchen: 3, shut: 2.2 } }),
    {
      materials: [material('cable', 'Cable, boxes and clamps for one room', 'lot', 1, 110)],
      cautions: ['power', 'structure', 'live-panel', 'buried-cable'],
      tags: ROUGH,
      says: ['cable', 'cables', 'wiring', 'wire', 'boxes'],
    },
  ),
  step(7, 'rough.firestop', 'Fire-stop and block every hole', own('once', 90), {
    materials: [byJob('firestop', 'Fire-stopping foam and blocking', 'lot', 38)],
    cautions: ['fumes'],
    tags: ROUGH,
    says: ['fire stop', 'fire-stopping', 'blocking'],
  }),
  step(7, 'rough.mend-pipes', 'Mend the leaking pipes and traps', own('once', 240), {
    materials: [byJob('pipe-parts', 'Valves, traps and joints', 'lot', 60)],
    cautions: ['water', 'heat'],
    tags: ROUGH,
    says: ['mend pipes', 'trap', 'leaking pipe'],
  }),
  step(7, 'rough.mend-power', 'Faults put right by the electrician', trade('electrician', 1, 420), {
    cautions: ['power'],
    tags: ROUGH,
    says: ['faults put right'],
  }),
];

/** Stages 8, 9 and 18: visits, and the record that must be made before a wall is closed. */
const VISITS: readonly Step[] = [
  step(8, 'hold.plumbing', 'Rough plumbing inspection', inspection(3), {
    at: 'floor',
    says: ['rough plumbing', 'plumbing inspection'],
  }),
  step(8, 'hold.electric', 'Rough electrical inspection', inspection(3), {
    at: 'floor',
    says: ['rough electric', 'rough electrical', 'electrical inspection'],
  }),
  step(8, 'hold.mechanical', 'Rough mechanical inspection', inspection(3), {
    at: 'floor',
    says: ['rough mechanical', 'duct inspection'],
  }),
  step(8, 'hold.framing', 'Framing inspection', inspection(3), {
    at: 'floor',
    says: ['framing inspection'],
  }),
  step(8, 'record.walls', 'Record what is behind the walls', own('once', 30), {
    says: ['record wall', 'photos of walls', 'wall photos'],
  }),
  step(9, 'hold.insulation', 'Insulation inspection', inspection(3), {
    at: 'floor',
    says: ['insulation inspection'],
  }),
  step(18, 'final.electric', 'Final electrical inspection', inspection(3), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final electrical', 'final electric'],
  }),
  step(18, 'final.plumbing', 'Final plumbing inspection', inspection(3), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final plumbing'],
  }),
  step(18, 'final.mechanical', 'Final mechanical inspection', inspection(3), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final mechanical'],
  }),
  step(18, 'final.building', 'Final building inspection', inspection(3), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final building', 'final framing'],
  }),
  step(18, 'final.occupancy', 'Certificate of occupancy', inspection(5), {
    at: 'house',
    meets: [{ condition: 'certificate' }],
    tags: ['for-living'],
    says: ['certificate', 'occupancy'],
    onlyIf: { occupancy: 'empty' },
  }),
];

export const LINES: readonly Step[] = [...RUNS, ...VISITS];
