import { material, own, step, trade, type Step } from '../step';

const OLD_WALLS = { plaster: 1.8 };

/** Stage 4: what is taken out, and its way off the site. */
export const DEMOLITION: readonly Step[] = [
  step(
    4,
    'service.move',
    'Move the meter, vent or tap out of the way',
    trade('licensed fitter', 1, 900),
    {
      cautions: ['gas', 'power', 'water'],
      says: ['meter moved', 'tap moved', 'vent moved'],
    },
  ),
  step(4, 'demo.fixtures', 'Take out fixtures and cabinets', own('once', 270), {
    cautions: ['water', 'power', 'gas', 'dust', 'weight', 'cast-iron'],
    tags: ['opens-up'],
    says: ['take out', 'rip out', 'old cabinets', 'fixtures out'],
  }),
  step(4, 'demo.part', 'Take out what goes', own('each', 120), {
    cautions: ['lead-asbestos', 'dust', 'power', 'water', 'gas', 'weight'],
    tags: ['opens-up'],
    says: ['take out', 'pull out'],
  }),
  step(4, 'opening.save', 'Save the trim and siding round the opening', own('each', 60), {
    cautions: ['lead-asbestos', 'blades'],
    tags: ['opens-up'],
    says: ['save trim'],
  }),
  step(4, 'chimney.out', 'Take the chimney down from the top', trade('mason', 4, 3_800), {
    cautions: ['chimney', 'falls', 'weight', 'silica', 'structure'],
    tags: ['opens-up'],
    says: ['chimney down', 'chimney out'],
  }),
  step(
    4,
    'demo.ceiling',
    'Take down the ceiling',
    own('ceiling', 110, 100, { setup: 20, factors: OLD_WALLS }),
    {
      cautions: ['lead-asbestos', 'power', 'weight', 'plaster-ceiling', 'dust', 'droppings'],
      tags: ['opens-up'],
      says: ['ceiling down', 'pull ceiling', 'strip ceiling'],
    },
  ),
  step(
    4,
    'demo.walls',
    'Strip the walls',
    own('walls', 90, 100, { setup: 20, factors: OLD_WALLS }),
    {
      cautions: ['lead-asbestos', 'dust', 'power', 'weight'],
      tags: ['opens-up'],
      says: ['strip walls', 'stripping', 'plaster off', 'lath'],
    },
  ),
  step(4, 'demo.partition', 'Take the partition out', own('each', 420, 1, { factors: OLD_WALLS }), {
    many: 'Take the {n} partitions out',
    cautions: ['structure', 'power', 'dust', 'weight'],
    tags: ['opens-up'],
    says: ['partition out'],
  }),
  step(
    4,
    'demo.surround',
    'Strip the wall round the bath to the studs',
    own('surround', 300, 100),
    {
      cautions: ['lead-asbestos', 'dust', 'power', 'weight', 'water'],
      tags: ['opens-up'],
      says: ['strip surround'],
    },
  ),
  step(4, 'demo.siding', 'Strip the old siding', own('walls', 240, 100), {
    cautions: ['lead-asbestos', 'falls', 'power'],
    tags: ['opens-up'],
    says: ['old siding', 'strip siding'],
  }),
  step(4, 'demo.porch', 'Take the old deck or porch down', own('floor', 480, 100, { hands: 2 }), {
    cautions: ['falls', 'weight', 'blades', 'lead-asbestos'],
    tags: ['opens-up'],
    says: ['porch down', 'old porch', 'deck down'],
  }),
  step(
    4,
    'demo.floor',
    'Lift the old floor',
    own('floor', 540, 100, { setup: 20, factors: { bathroom: 0.8 } }),
    {
      cautions: ['lead-asbestos', 'dust', 'blades', 'open-joists', 'power'],
      tags: ['opens-up'],
      says: ['lift floor', 'old floor', 'tear up floor', 'lino'],
    },
  ),
  step(4, 'demo.haul', 'Haul off the debris', own('debris', 10, 1, { setup: 90 }), {
    materials: [material('bin-share', 'Share of a debris bin', 'load', 40, 110, { lead: 2 })],
    cautions: ['weight', 'blades'],
    says: ['haul', 'hauling', 'debris', 'bin', 'dump run'],
  }),
];
