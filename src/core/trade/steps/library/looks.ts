import { byJob, material, own, step, trade, type Step } from '../step';

/** Stages 1 and 2: look, measure, decide, ask. */
export const LOOKS: readonly Step[] = [
  step(1, 'survey.walk', 'Walk through and list what stays', own('once', 25), {
    says: ['survey', 'walk through', 'walked'],
  }),
  step(1, 'survey.measure', 'Measure', own('once', 30), { says: ['measure', 'measuring'] }),
  step(1, 'survey.test', 'Test suspect materials', own('once', 45), {
    at: 'house',
    wait: { hours: 120, what: 'The laboratory answers', isAnswer: true },
    materials: [byJob('test-kit', 'Lead and asbestos samples', 'set', 140)],
    cautions: ['lead-asbestos', 'sampling'],
    meets: [{ condition: 'clean-air' }],
    says: ['samples', 'lead test', 'asbestos test'],
    onlyIf: { builtBefore: 1990 },
  }),
  step(1, 'look.isolate', 'Shut off and prove dead where the look-hole goes', own('once', 20), {
    cautions: ['power', 'gas', 'live-panel'],
    says: ['isolate hole'],
  }),
  step(1, 'look.open', 'Open a hand-sized look-hole', own('once', 75), {
    cautions: ['lead-asbestos', 'power', 'dust', 'droppings'],
    tags: ['looks'],
    says: ['open up', 'opened up', 'look behind'],
  }),
  step(1, 'look.sample', 'Sample it and have it tested', own('once', 30), {
    wait: { hours: 120, what: 'The laboratory answers', isAnswer: true },
    materials: [byJob('sample', 'Laboratory sample', 'sample', 60)],
    cautions: ['lead-asbestos', 'sampling'],
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
  step(1, 'look.bearing', 'Make sure that the wall carries nothing', own('once', 60), {
    cautions: ['structure', 'power'],
    tags: ['looks'],
    says: ['bearing check'],
  }),
  step(1, 'look.carries', 'Ask whether slab, footing and roof may carry a room', own('once', 90), {
    cautions: ['structure'],
    tags: ['looks'],
    says: ['footing check', 'roof check'],
  }),
  step(1, 'look.office', 'Ask the building office about it', own('once', 60), {
    tags: ['looks'],
    says: ['building office', 'asked the office'],
  }),
  step(1, 'look.square', 'Check for square, level and plumb', own('once', 40), {
    tags: ['looks'],
    says: ['check square', 'off square'],
  }),
  step(1, 'decide.finishes', 'Choose finishes', own('once', 60), {
    says: ['choose', 'chose', 'finishes', 'colours'],
  }),
  step(1, 'opening.check', 'Unpack the unit and measure it against the hole', own('each', 45), {
    materials: [
      material(
        'unit',
        'Window or door unit to size, with its flashing and screws',
        'unit',
        1,
        780,
        {
          lead: 35,
        },
      ),
    ],
    cautions: ['weight', 'glass'],
    says: ['unpack unit', 'check unit'],
  }),
  step(1, 'pieces.here', 'Check that every piece with a long lead is here', own('once', 45), {
    cautions: ['weight'],
    says: ['pieces here', 'deliveries checked'],
    onlyIf: { occupancy: 'lived-in', onlyOne: true },
  }),
  step(2, 'engineer.visit', 'Engineer sizes the structure', trade('engineer', 1, 480), {
    at: 'house',
    cautions: ['structure'],
    says: ['engineer'],
  }),
  step(2, 'permit.plans', 'Draw the plans', own('once', 360), {
    at: 'house',
    says: ['plans', 'drawings'],
  }),
  step(2, 'permit.apply', 'Apply for the permit', own('once', 90), {
    at: 'house',
    wait: { hours: 336, what: 'The building office reads the plans', isAnswer: true },
    says: ['permit', 'building office'],
  }),
  step(2, 'site.locate', 'Have buried lines marked', own('once', 30), {
    at: 'house',
    wait: { hours: 96, what: 'The lines are marked', isAnswer: true },
    cautions: ['digging', 'gas', 'power'],
    says: ['locate', 'buried lines', 'lines marked'],
  }),
];
