import { inspection, material, own, step, trade, type Step } from '../step';

/** Stages 1 to 4: look, ask, make safe, take out. */
export const PREPARE: readonly Step[] = [
  step(1, 'survey.walk', 'Walk through and list what stays', own('once', 25), {
    says: ['survey', 'walk through', 'walked'],
  }),
  step(1, 'survey.measure', 'Measure', own('once', 25), { says: ['measure', 'measuring'] }),
  step(1, 'survey.test', 'Test suspect materials', own('once', 45), {
    at: 'house',
    wait: { hours: 120, what: 'The laboratory answers' },
    materials: [material('test-kit', 'Lead and asbestos samples', 'set', 1, 140)],
    cautions: ['lead-asbestos'],
    meets: [{ condition: 'clean-air' }],
    says: ['samples', 'lead test', 'asbestos test'],
    onlyIf: { builtBefore: 1990 },
  }),
  step(1, 'decide.finishes', 'Choose finishes', own('once', 40), {
    says: ['choose', 'chose', 'finishes', 'colours'],
  }),
  step(2, 'permit.plans', 'Draw the plans', own('once', 360), {
    at: 'house',
    says: ['plans', 'drawings'],
  }),
  step(2, 'permit.apply', 'Apply for the permit', own('once', 90), {
    at: 'house',
    wait: { hours: 336, what: 'The building office reads the plans' },
    says: ['permit', 'building office'],
  }),
  step(2, 'engineer.visit', 'Engineer sizes the structure', trade('engineer', 1, 480), {
    at: 'house',
    cautions: ['structure'],
    says: ['engineer'],
  }),
  step(3, 'safe.locks', 'Change the locks', own('once', 60), {
    at: 'house',
    materials: [material('lock', 'Lock cylinder set', 'set', 1, 85)],
    meets: [{ condition: 'door' }],
    says: ['locks', 'lock', 'keys'],
  }),
  step(3, 'safe.isolate', 'Isolate power, water and gas, and prove it', own('once', 30), {
    cautions: ['power', 'gas'],
    says: ['isolate', 'shut off', 'prove dead'],
  }),
  step(3, 'safe.dust-wall', 'Wall off the dust', own('once', 50), {
    materials: [material('sheeting', 'Dust sheeting and zip door', 'set', 1, 32)],
    cautions: ['dust'],
    says: ['dust wall', 'sheeting', 'plastic up'],
  }),
  step(3, 'safe.protect', 'Cover what stays', own('floor', 10, 100, { setup: 10 }), {
    materials: [material('floor-board', 'Floor protection roll', 'roll', 300, 46)],
    says: ['protect', 'cover floor'],
  }),
  step(3, 'safe.abate', 'Lead or asbestos removed', trade('licensed removal firm', 2, 1_900), {
    at: 'house',
    cautions: ['lead-asbestos'],
    meets: [{ condition: 'clean-air' }],
    says: ['abatement', 'removal firm'],
    onlyIf: { builtBefore: 1978 },
  }),
  step(4, 'demo.ceiling', 'Take down the ceiling', own('ceiling', 75, 100, { setup: 15 }), {
    cautions: ['lead-asbestos', 'weight', 'dust'],
    tags: ['opens-up'],
    says: ['ceiling down', 'pull ceiling', 'strip ceiling'],
  }),
  step(4, 'demo.walls', 'Strip the walls', own('walls', 50, 100, { setup: 15 }), {
    cautions: ['lead-asbestos', 'dust', 'power'],
    tags: ['opens-up'],
    says: ['strip walls', 'stripping', 'plaster off', 'lath'],
  }),
  step(4, 'demo.floor', 'Lift the old floor', own('floor', 60, 100, { setup: 15 }), {
    cautions: ['lead-asbestos', 'dust', 'blades'],
    tags: ['opens-up'],
    says: ['lift floor', 'old floor', 'tear up floor', 'lino'],
  }),
  step(4, 'demo.fixtures', 'Take out fixtures and cabinets', own('once', 240, 1, { hands: 1 }), {
    cautions: ['water', 'power', 'weight'],
    tags: ['opens-up'],
    says: ['take out', 'rip out', 'old cabinets', 'fixtures out'],
  }),
  step(4, 'demo.wall', 'Take the wall out', own('each', 300), {
    cautions: ['structure', 'dust', 'power'],
    tags: ['opens-up'],
    says: ['wall out', 'knock through'],
  }),
  step(4, 'demo.porch', 'Take the old porch down', own('floor', 240, 100, { hands: 2 }), {
    cautions: ['falls', 'weight', 'blades'],
    tags: ['opens-up'],
    says: ['porch down', 'old porch'],
  }),
  step(4, 'demo.siding', 'Strip the old siding', own('walls', 55, 100), {
    cautions: ['lead-asbestos', 'falls'],
    tags: ['opens-up'],
    says: ['old siding', 'strip siding'],
  }),
  step(4, 'demo.haul', 'Haul off the debris', own('once', 120), {
    materials: [material('bin-share', 'Share of a debris bin', 'load', 1, 110, { lead: 2 })],
    cautions: ['weight', 'blades'],
    says: ['haul', 'hauling', 'debris', 'bin', 'dump run'],
  }),
];

/** Stage 8 and 18 visits, and the record that must be made before a wall is closed. */
export const HOLDS: readonly Step[] = [
  step(5, 'hold.under-slab', 'Under-slab inspection', inspection(4), {
    at: 'floor',
    says: ['under slab inspection'],
  }),
  step(8, 'hold.framing', 'Framing inspection', inspection(5), {
    at: 'floor',
    says: ['framing inspection'],
  }),
  step(8, 'hold.plumbing', 'Rough plumbing inspection', inspection(5), {
    at: 'floor',
    says: ['rough plumbing', 'plumbing inspection'],
  }),
  step(8, 'hold.electric', 'Rough electrical inspection', inspection(5), {
    at: 'floor',
    says: ['rough electric', 'rough electrical', 'electrical inspection'],
  }),
  step(8, 'hold.mechanical', 'Rough mechanical inspection', inspection(5), {
    at: 'floor',
    says: ['rough mechanical', 'duct inspection'],
  }),
  step(8, 'record.walls', 'Record what is behind the walls', own('once', 30), {
    says: ['record wall', 'photos of walls', 'wall photos'],
  }),
  step(9, 'hold.insulation', 'Insulation inspection', inspection(4), {
    at: 'floor',
    says: ['insulation inspection'],
  }),
  step(18, 'final.electric', 'Final electrical inspection', inspection(5), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final electrical', 'final electric'],
  }),
  step(18, 'final.plumbing', 'Final plumbing inspection', inspection(5), {
    at: 'house',
    meets: [{ condition: 'finals' }],
    tags: ['for-living'],
    says: ['final plumbing'],
  }),
  step(18, 'final.occupancy', 'Certificate of occupancy', inspection(7), {
    at: 'house',
    meets: [{ condition: 'certificate' }],
    tags: ['for-living'],
    says: ['certificate', 'occupancy'],
  }),
];
