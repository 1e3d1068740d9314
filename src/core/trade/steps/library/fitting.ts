import { byJob, material, own, step, trade, type Step } from '../step';

/** Stages 12, 14: cabinets, doors, trim. */
const JOINERY: readonly Step[] = [
  step(12, 'cabinets.set', 'Set the cabinets', own('once', 1_560, 1, { hands: 2 }), {
    materials: [byJob('cabinets', 'Cabinets', 'set', 4_200, { lead: 42 })],
    cautions: ['weight'],
    says: ['cabinets', 'set cabinets', 'boxes up'],
  }),
  step(
    12,
    'cabinets.template',
    'Tops measured on the cabinets by the maker',
    trade('tops maker', 1, 0),
    {
      says: ['template'],
    },
  ),
  step(12, 'temp.tops', 'Plywood top and the old sink until the tops come', own('once', 150), {
    materials: [byJob('ply-top', 'Plywood top and trap', 'set', 70)],
    cautions: ['water'],
    says: ['plywood top'],
    onlyIf: { occupancy: 'lived-in' },
  }),
  step(12, 'cabinets.shelves', 'Build the shelves in', own('each', 540), {
    materials: [material('shelf', 'Shelf board and edging for one unit', 'lot', 1, 140)],
    cautions: ['blades'],
    says: ['shelves', 'built in', 'wardrobe'],
  }),
  step(12, 'mend.built-ins', 'Mend the built-ins', own('each', 150), {
    cautions: ['lead-asbestos'],
    says: ['mend cupboard', 'mend built-ins'],
  }),
  step(14, 'trim.prefinish', 'Prefinish the trim', own('perimeter', 50, 40), {
    wait: { hours: 16, what: 'The enamel hardens' },
    materials: [
      material('trim', 'Base and casing', 'length', 12, 14, {
        waste: 10,
        lead: 3,
        metric: ['length', 3.6],
      }),
    ],
    cautions: ['fumes'],
    tags: ['trim'],
    says: ['prefinish', 'paint trim'],
  }),
  step(14, 'trim.doors', 'Hang the inside door', own('each', 150), {
    many: 'Hang the {n} inside doors',
    materials: [material('door', 'Inside door with frame', 'unit', 1, 145, { lead: 14 })],
    cautions: ['weight', 'blades'],
    tags: ['trim'],
    says: ['hang door', 'hang doors', 'inside door', 'doors'],
  }),
  step(14, 'trim.locks', 'Fit new latches and locks', own('each', 60), {
    materials: [material('latch', 'Latch or lock', 'unit', 1, 34)],
    tags: ['trim'],
    says: ['latches', 'door locks'],
  }),
  step(14, 'trim.casing', 'Case the opening', own('each', 90), {
    many: 'Case the {n} openings',
    cautions: ['blades'],
    tags: ['trim'],
    says: ['casing', 'architrave'],
  }),
  step(14, 'trim.base', 'Fix base and shoe', own('perimeter', 320, 50), {
    cautions: ['blades'],
    tags: ['trim'],
    says: ['base', 'baseboard', 'skirting'],
  }),
  step(14, 'trim.rail', 'Fit the stair rail', own('once', 360), {
    materials: [byJob('rail', 'Handrail and brackets', 'set', 130, { lead: 5 })],
    cautions: ['falls'],
    tags: ['trim'],
    meets: [{ condition: 'stairs' }],
    says: ['rail', 'handrail', 'stair rail'],
  }),
  step(14, 'mend.window', 'Overhaul the window', own('each', 360), {
    many: 'Overhaul the {n} windows',
    materials: [material('sash', 'Putty, cord and weatherstrip for one window', 'lot', 1, 36)],
    cautions: ['lead-asbestos', 'falls', 'glass'],
    says: ['overhaul window', 'putty', 'sash'],
  }),
  step(14, 'mend.door', 'Ease and mend the door', own('each', 90), {
    many: 'Ease and mend the {n} doors',
    cautions: ['lead-asbestos', 'weight'],
    says: ['ease door', 'mend door'],
  }),
];

const LIVING = ['trim-out', 'for-living'] as const;

/** Stage 15: what ends the lines, and what one lives with. */
const TRIM_OUT: readonly Step[] = [
  step(15, 'fit.tops', 'Tops fitted', trade('tops maker', 1, 2_350), {
    cautions: ['weight'],
    tags: LIVING,
    meets: [{ condition: 'cook' }],
    says: ['tops', 'counter', 'countertop', 'worktop'],
  }),
  step(15, 'fit.sink', 'Fit the sink and tap', own('once', 210), {
    materials: [byJob('sink', 'Sink and tap', 'set', 310, { lead: 10 })],
    cautions: ['water'],
    tags: LIVING,
    meets: [{ condition: 'cook' }],
    says: ['sink', 'tap', 'faucet'],
  }),
  step(15, 'fit.appliances', 'Set and connect the appliances', own('once', 300, 1, { hands: 2 }), {
    materials: [byJob('appliances', 'Cooker, hood, fridge', 'set', 2_100, { lead: 18 })],
    cautions: ['gas', 'power', 'weight'],
    tags: LIVING,
    meets: [{ condition: 'cook' }],
    says: ['appliances', 'cooker', 'stove', 'fridge', 'hood'],
  }),
  step(15, 'fit.toilet', 'Set the toilet', own('each', 150), {
    many: 'Set the {n} toilets',
    materials: [material('toilet', 'Toilet with seal', 'unit', 1, 240, { lead: 7 })],
    cautions: ['water', 'weight'],
    tags: LIVING,
    meets: [{ condition: 'toilet' }],
    says: ['toilet'],
  }),
  step(15, 'fit.basin', 'Fit the vanity and basin', own('each', 300), {
    materials: [material('basin', 'Basin, vanity and tap', 'unit', 1, 190, { lead: 7 })],
    cautions: ['water'],
    tags: LIVING,
    meets: [{ condition: 'toilet' }],
    says: ['basin', 'vanity'],
  }),
  step(15, 'fit.bath', 'Connect the bath or shower', own('each', 180), {
    wait: { hours: 24, what: 'The silicone cures' },
    materials: [material('mixer', 'Bath or shower mixer', 'unit', 1, 160, { lead: 7 })],
    cautions: ['water'],
    tags: LIVING,
    meets: [{ condition: 'bath' }],
    says: ['shower', 'bath', 'tub', 'connect bath'],
  }),
  step(15, 'shower.measure', 'Shower glass measured on the tile', trade('glass maker', 1, 0), {
    says: ['glass measured'],
  }),
  step(15, 'shower.glass', 'Shower glass set by the maker', trade('glass maker', 1, 980), {
    wait: { hours: 24, what: 'The silicone cures' },
    cautions: ['glass', 'weight'],
    tags: ['trim-out'],
    says: ['shower glass'],
  }),
  step(15, 'fit.washer', 'Connect the washer', own('once', 90), {
    cautions: ['water', 'weight'],
    tags: LIVING,
    meets: [{ condition: 'laundry' }],
    says: ['washer', 'washing machine', 'dryer'],
  }),
  step(15, 'fit.devices', 'Fit outlets and switches', own('devices', 24), {
    materials: [material('devices', 'Outlet or switch with plate', 'device', 1, 7)],
    cautions: ['power'],
    tags: LIVING,
    meets: [{ condition: 'power', kinds: ['bedroom', 'hall', 'stairs'] }],
    says: ['outlets', 'switches', 'devices'],
  }),
  step(15, 'fit.lights', 'Hang the light', own('lights', 60), {
    many: 'Hang the {n} lights',
    materials: [material('light', 'Light fitting', 'unit', 1, 65, { lead: 5 })],
    cautions: ['power', 'falls'],
    tags: LIVING,
    meets: [{ condition: 'lights' }],
    says: ['lights', 'light', 'light fittings'],
  }),
  step(15, 'fit.fan', 'Fit the fan’s grille and try its draw', own('each', 45), {
    cautions: ['power', 'falls'],
    tags: ['trim-out'],
    says: ['fan grille'],
  }),
  step(15, 'fit.ventilation', 'Set the ventilation unit and balance it', own('once', 480), {
    materials: [byJob('erv', 'Ventilation unit with filters', 'unit', 1_150, { lead: 14 })],
    cautions: ['power', 'weight'],
    tags: LIVING,
    says: ['ventilation'],
  }),
  step(15, 'fit.radiator', 'Hang and connect the heater', own('each', 180), {
    materials: [material('radiator', 'Radiator or heater', 'unit', 1, 210, { lead: 10 })],
    cautions: ['water', 'weight', 'heat'],
    tags: LIVING,
    meets: [{ condition: 'heat', kinds: ['bedroom', 'bathroom'] }],
    says: ['radiator', 'heater'],
  }),
  step(15, 'fit.boiler', 'Boiler and hot water by the fitter', trade('heating fitter', 2, 3_400), {
    at: 'house',
    materials: [byJob('boiler', 'Boiler with tank', 'unit', 2_600, { lead: 21 })],
    cautions: ['gas', 'water', 'chimney'],
    tags: LIVING,
    meets: [{ condition: 'hot-water' }, { condition: 'heat' }],
    says: ['boiler', 'hot water'],
  }),
  step(
    15,
    'fit.heat-pump',
    'Heat pump hung, filled and started by the fitter',
    trade('heat pump fitter', 2, 2_900),
    {
      materials: [
        byJob('heat-pump', 'Heat pump, inside and outside unit', 'set', 2_400, { lead: 21 }),
      ],
      cautions: ['power', 'weight', 'falls'],
      tags: LIVING,
      meets: [{ condition: 'heat' }],
      says: ['heat pump'],
    },
  ),
  step(15, 'stove.hearth', 'Build the hearth and the heat shield', own('once', 720), {
    wait: { hours: 48, what: 'The mortar hardens' },
    materials: [byJob('hearth', 'Hearth slab, shield and mortar', 'lot', 240)],
    cautions: ['silica', 'weight', 'heat'],
    says: ['hearth'],
  }),
  step(
    15,
    'fit.stove',
    'Stove set, connected and first fired by the firm',
    trade('chimney firm', 1, 900),
    {
      materials: [byJob('stove', 'Stove or heater', 'unit', 1_900, { lead: 28 })],
      cautions: ['heat', 'weight', 'co'],
      tags: LIVING,
      meets: [{ condition: 'heat' }],
      says: ['stove set'],
    },
  ),
  step(15, 'mend.heating', 'Heating put right by the fitter', trade('heating fitter', 1, 380), {
    cautions: ['gas', 'water', 'co'],
    meets: [{ condition: 'heat' }],
    says: ['heating put right', 'fitter mended'],
  }),
  step(15, 'radon.test', 'Test the air for radon again', own('once', 30), {
    wait: { hours: 96, what: 'The test stands', isAnswer: true },
    materials: [byJob('radon-test', 'Radon test', 'test', 38)],
    says: ['radon test'],
  }),
  step(15, 'fit.alarms', 'Fit linked smoke and CO alarms', own('alarms', 30), {
    at: 'house',
    materials: [material('alarms', 'Smoke and CO alarm, linked', 'alarm', 1, 52)],
    cautions: ['falls', 'power'],
    tags: LIVING,
    meets: [{ condition: 'alarms' }],
    says: ['alarms', 'smoke alarm', 'co alarm'],
  }),
];

/** Stages 19 to 21: clean, hand over, live. */
const CLOSE: readonly Step[] = [
  step(19, 'clean.down', 'Clean down what stays', own('floor', 60, 100, { setup: 20 }), {
    cautions: ['dust', 'lead-asbestos'],
    says: ['clean down', 'scrub'],
  }),
  step(19, 'close.clean', 'Clean the room', own('floor', 60, 100, { setup: 30 }), {
    cautions: ['dust'],
    tags: ['for-living'],
    says: ['clean', 'cleaning', 'cleaned'],
  }),
  step(19, 'close.punch', 'Work off the punch list', own('once', 240), {
    meets: [{ condition: 'punch' }],
    says: ['punch list', 'snags', 'touch ups'],
  }),
  step(19, 'site.home', 'Take the temporary kitchen, toilet and sheeting away', own('once', 120), {
    says: ['temporary gone'],
    onlyIf: { occupancy: 'lived-in', onlyOne: true },
  }),
  step(20, 'move.in', 'Move in', own('once', 720, 1, { hands: 2 }), {
    at: 'house',
    cautions: ['weight'],
    says: ['move in', 'moving in'],
    onlyIf: { occupancy: 'empty' },
  }),
  step(21, 'after.papers', 'File manuals, warranties and colours', own('once', 120), {
    at: 'house',
    meets: [{ condition: 'papers' }],
    says: ['papers', 'manuals', 'warranties'],
  }),
  step(21, 'after.season', 'Look again after the first season', own('once', 120), {
    at: 'house',
    says: ['season check'],
  }),
];

export const FITTING: readonly Step[] = [...JOINERY, ...TRIM_OUT, ...CLOSE];
