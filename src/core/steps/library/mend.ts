import { material, own, step, trade, type Step } from '../step';

/** Opening up to look: what a suspicion asks for before anything is ordered or decided. */
export const LOOKS: readonly Step[] = [
  step(1, 'look.open', 'Open up and look', own('once', 75), {
    cautions: ['lead-asbestos', 'power', 'dust'],
    tags: ['looks'],
    says: ['open up', 'opened up', 'look behind'],
  }),
  step(1, 'look.sample', 'Sample it and have it tested', own('once', 30), {
    wait: { hours: 120, what: 'The laboratory answers' },
    materials: [material('sample', 'Laboratory sample', 'sample', 1, 60)],
    cautions: ['lead-asbestos'],
    tags: ['looks'],
    says: ['sample', 'sampled'],
  }),
  step(1, 'look.wiring', 'Electrician looks at the wiring', trade('electrician', 1, 220), {
    cautions: ['power'],
    tags: ['looks'],
    says: ['wiring check', 'electrician looked'],
  }),
  step(1, 'look.frame', 'Engineer looks at the movement', trade('engineer', 1, 480), {
    cautions: ['structure'],
    tags: ['looks'],
    says: ['engineer looked', 'movement check'],
  }),
  step(1, 'look.office', 'Ask the building office about it', own('once', 60), {
    tags: ['looks'],
    says: ['building office', 'asked the office'],
  }),
  step(1, 'look.square', 'Check for square, level and plumb', own('once', 40), {
    tags: ['looks'],
    says: ['check square', 'off square'],
  }),
];

/** Making good what stays, taking out what goes, moving what moves. Rates are starting guesses. */
export const MEND: readonly Step[] = [
  step(4, 'demo.part', 'Take out what goes', own('each', 90), {
    cautions: ['lead-asbestos', 'dust', 'power', 'water'],
    tags: ['opens-up'],
    says: ['take out', 'pull out'],
  }),
  step(5, 'structure.stair', 'New stair by the stair builder', trade('stair builder', 2, 3_600), {
    cautions: ['structure', 'falls', 'weight'],
    tags: ['structure'],
    meets: [{ condition: 'stairs' }],
    says: ['new stair', 'stair builder'],
  }),
  step(5, 'structure.opening', 'Close or move the opening', own('each', 300), {
    materials: [material('infill', 'Studs, sheathing and wrap for the hole', 'set', 1, 95)],
    cautions: ['structure', 'falls'],
    tags: ['structure'],
    meets: [{ condition: 'structure' }],
    says: ['close opening', 'move opening', 'infill'],
  }),
  step(6, 'shell.clear-drains', 'Clear and mend the drains', own('perimeter', 45, 20), {
    materials: [material('drain-parts', 'Drain grates and joints', 'set', 1, 40)],
    cautions: ['water'],
    tags: ['shell'],
    says: ['clear drains', 'drains cleared'],
  }),
  step(7, 'rough.mend-pipes', 'Mend the leaking pipes and traps', own('once', 180), {
    materials: [material('pipe-parts', 'Valves, traps and joints', 'set', 1, 60)],
    cautions: ['water', 'heat'],
    tags: ['rough'],
    says: ['mend pipes', 'trap', 'leaking pipe'],
  }),
  step(7, 'rough.mend-power', 'Faults put right by the electrician', trade('electrician', 1, 420), {
    cautions: ['power'],
    tags: ['rough'],
    says: ['faults put right'],
  }),
  step(10, 'board.tape-ceiling', 'Tape and fill the ceiling', own('ceiling', 100, 100), {
    wait: { hours: 72, what: 'Three coats dry' },
    materials: [material('compound', 'Ready-mix compound', 'bucket', 150, 19)],
    cautions: ['dust'],
    tags: ['board'],
    says: ['tape ceiling', 'taping ceiling', 'fill ceiling'],
  }),
  step(11, 'mend.ceiling', 'Patch the ceiling', own('ceiling', 25, 100, { setup: 40 }), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [material('patch', 'Patch board and compound', 'set', 1, 32)],
    cautions: ['lead-asbestos', 'dust', 'falls'],
    says: ['patch ceiling', 'patching ceiling'],
  }),
  step(11, 'mend.walls', 'Patch the walls', own('walls', 20, 100, { setup: 40 }), {
    wait: { hours: 24, what: 'The patches dry' },
    materials: [material('patch', 'Patch board and compound', 'set', 1, 32)],
    cautions: ['lead-asbestos', 'dust'],
    says: ['patch walls', 'patching walls'],
  }),
  step(12, 'mend.built-ins', 'Mend the built-ins', own('each', 150), {
    says: ['mend cupboard', 'mend built-ins'],
  }),
  step(13, 'mend.boards', 'Mend loose and broken boards', own('floor', 40, 100, { setup: 30 }), {
    materials: [material('boards', 'Matching boards and screws', 'pack', 120, 38)],
    cautions: ['blades'],
    says: ['mend boards', 'loose boards', 'mend floor'],
  }),
  step(14, 'mend.window', 'Overhaul the window', own('each', 210), {
    materials: [material('sash', 'Putty, cord and weatherstrip', 'set', 1, 36)],
    cautions: ['lead-asbestos', 'falls'],
    says: ['overhaul window', 'putty', 'sash'],
  }),
  step(14, 'mend.door', 'Ease and mend the door', own('each', 75), {
    says: ['ease door', 'mend door'],
  }),
  step(15, 'mend.heating', 'Heating put right by the fitter', trade('heating fitter', 1, 380), {
    cautions: ['gas', 'water'],
    meets: [{ condition: 'heat' }],
    says: ['heating put right', 'fitter mended'],
  }),
  step(17, 'mend.skin', 'Patch the outside skin', own('walls', 22, 100, { setup: 30 }), {
    materials: [material('skin', 'Matching cladding and sealant', 'set', 300, 90)],
    cautions: ['falls', 'lead-asbestos'],
    tags: ['outside-finish'],
    says: ['patch siding', 'repoint', 'patch outside'],
  }),
  step(19, 'clean.down', 'Clean down what stays', own('floor', 45, 100, { setup: 15 }), {
    cautions: ['dust'],
    says: ['clean down', 'scrub'],
  }),
];
