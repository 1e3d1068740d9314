import { material, own, step, type Step } from '../step';

/** Stages 9 to 11 and 16: insulation, board, paint. */
export const SURFACES: readonly Step[] = [
  step(9, 'insulate.seal', 'Seal the air leaks', own('walls', 20, 100), {
    materials: [material('foam', 'Sealant and foam', 'can', 120, 9)],
    cautions: ['fumes'],
    tags: ['insulates'],
    says: ['air seal', 'seal gaps', 'foam'],
  }),
  step(9, 'insulate.batts', 'Fit the batts', own('walls', 35, 100), {
    materials: [material('batts', 'Insulation batts', 'pack', 88, 62, { waste: 5, lead: 3 })],
    cautions: ['fibre'],
    tags: ['insulates'],
    says: ['batts', 'insulation', 'insulate', 'insulating'],
  }),
  step(9, 'insulate.blown', 'Blow the attic insulation', own('floor', 45, 100, { hands: 2 }), {
    materials: [material('blown', 'Blown insulation', 'bag', 18, 19, { waste: 5, lead: 5 })],
    cautions: ['fibre', 'falls'],
    tags: ['insulates'],
    says: ['blown', 'blow insulation', 'attic insulation'],
  }),
  step(10, 'board.ceiling', 'Hang board on the ceiling', own('ceiling', 110, 100, { hands: 2 }), {
    materials: [
      material('board', 'Drywall sheet', 'sheet', 32, 17, { waste: 10, lead: 2 }),
      material('screws', 'Drywall screws', 'box', 500, 12),
    ],
    cautions: ['weight', 'dust'],
    tags: ['board'],
    says: ['board ceiling', 'hang ceiling', 'ceiling board', 'drywall ceiling'],
  }),
  step(10, 'board.walls', 'Hang board on the walls', own('walls', 75, 100), {
    materials: [
      material('board', 'Drywall sheet', 'sheet', 32, 17, { waste: 10, lead: 2 }),
      material('screws', 'Drywall screws', 'box', 500, 12),
    ],
    cautions: ['weight', 'dust'],
    tags: ['board'],
    says: ['board walls', 'hang board', 'drywall', 'hanging board', 'sheets'],
  }),
  step(10, 'board.tape', 'Tape and bedding coat', own('walls', 45, 100), {
    wait: { hours: 24, what: 'The bedding coat dries' },
    materials: [
      material('compound', 'Ready-mix compound', 'bucket', 450, 19),
      material('tape', 'Joint tape', 'roll', 900, 6),
    ],
    cautions: ['dust'],
    tags: ['board'],
    says: ['tape', 'taping', 'bedding coat', 'first coat of compound'],
  }),
  step(10, 'board.second', 'Second coat of compound', own('walls', 35, 100), {
    wait: { hours: 24, what: 'The second coat dries' },
    materials: [material('compound', 'Ready-mix compound', 'bucket', 600, 19)],
    cautions: ['dust'],
    tags: ['board'],
    says: ['second coat', 'tape second coat', 'taping second coat'],
  }),
  step(10, 'board.finish', 'Finish coat of compound', own('walls', 30, 100), {
    wait: { hours: 24, what: 'The finish coat dries' },
    materials: [material('topping', 'Finish compound', 'bucket', 600, 21)],
    cautions: ['dust'],
    tags: ['board'],
    says: ['finish coat', 'third coat', 'skim'],
  }),
  step(10, 'board.sand', 'Sand and look with a side light', own('walls', 25, 100), {
    cautions: ['dust'],
    tags: ['board'],
    says: ['sand', 'sanding', 'sanded'],
  }),
  step(11, 'paint.prime', 'Prime', own('walls', 25, 100, { setup: 15 }), {
    wait: { hours: 4, what: 'The primer dries' },
    materials: [material('primer', 'Primer', 'gallon', 250, 24)],
    cautions: ['fumes'],
    tags: ['paint'],
    says: ['prime', 'primer', 'priming'],
  }),
  step(11, 'paint.ceiling', 'Paint the ceiling', own('ceiling', 45, 100, { setup: 15 }), {
    wait: { hours: 4, what: 'The ceiling paint dries' },
    materials: [material('ceiling-paint', 'Ceiling paint', 'gallon', 190, 31)],
    cautions: ['fumes', 'falls'],
    tags: ['paint'],
    says: ['paint ceiling', 'ceiling paint', 'painting ceiling'],
  }),
  step(11, 'paint.walls', 'First coat on the walls', own('walls', 30, 100, { setup: 15 }), {
    wait: { hours: 4, what: 'The first coat dries' },
    materials: [material('paint', 'Wall paint', 'gallon', 375, 38)],
    cautions: ['fumes'],
    tags: ['paint'],
    says: ['paint walls', 'painting', 'first coat of paint', 'wall paint', 'paint'],
  }),
  step(11, 'paint.wash', 'Wash, fill and sand the old paint', own('walls', 35, 100), {
    wait: { hours: 12, what: 'The spackle hardens' },
    materials: [material('spackle', 'Spackle', 'tub', 600, 11)],
    cautions: ['lead-asbestos', 'dust'],
    says: ['wash walls', 'fill', 'spackle'],
  }),
  step(16, 'last.caulk', 'Caulk the joints', own('perimeter', 35, 40), {
    wait: { hours: 4, what: 'The caulk skins over' },
    materials: [material('caulk', 'Paintable caulk', 'tube', 60, 5)],
    says: ['caulk', 'caulking'],
  }),
  step(16, 'last.coat', 'Last coat and touch up', own('walls', 28, 100), {
    wait: { hours: 16, what: 'The last coat hardens' },
    materials: [material('paint', 'Wall paint', 'gallon', 375, 38)],
    cautions: ['fumes'],
    says: ['last coat', 'touch up', 'final coat'],
  }),
];
