/** One worked example a sum: what is asked, the working by hand in words, and the figures it must come to. */
export type Example = { ask: object; byHand: string; answers: Record<string, number> };

const DOOR = { wall: 0, kind: 'door', offset: "3'", width: '32"', height: '80"', sill: '0' };
const WINDOW = { wall: 1, kind: 'window', offset: "3'", width: "3'", height: "4'", sill: "3'" };
const room = (length: string, width: string, ...openings: object[]) => ({
  walls: [length, width, length, width].map((side) => ({ length: side, turn: 90 })),
  height: "8'",
  ceiling: { kind: 'flat' },
  openings,
});
const imperial = (finish: object, where?: object) => ({
  units: 'imperial',
  ...(where ? { room: where } : {}),
  finish,
});

export const EXAMPLES: Record<string, Example> = {
  debris: {
    ask: imperial({ kind: 'debris', what: 'plaster on lath', length: "30'", width: "10'" }),
    byHand:
      '300 sq ft x 9 lb = 2,700 lb: three trips of 1,000 lb. Loose: 300 x 1/12 ft x 2 = 50 cu ft = 1.85 cu yd, one trip by space. A can: 2,700 / 50 = 54 lb a cu ft; 50 / (54 x 4.278) = 22%.',
    answers: { 'debris.weight': 2_700, 'debris.volume': 1.85, 'debris.trips': 3, 'debris.can': 22 },
  },
  concrete: {
    ask: imperial({
      kind: 'concrete',
      length: "12'",
      width: "10'",
      thickness: '4"',
      bars: '24"',
      anchors: "12', 4'",
    }),
    byHand:
      '12 x 10 x 1/3 = 40 cu ft, x 1.1 = 44 = 1.63 cu yd; 44 / 0.6 = 73.3, so 74 bags. Bars each 2 ft: 6 along of 12 ft and 7 across of 10 ft = 142 ft. Anchors: 12 ft less 2 ft = 10 / 6 = 1.7, so 2 stretches and 3 anchors; 4 ft less 2 = 1 stretch, 2 anchors; 5.',
    answers: {
      'concrete.volume': 1.63,
      'concrete.bags': 74,
      'concrete.bars': 142,
      'concrete.anchors': 5,
    },
  },
  framing: {
    ask: imperial({ kind: 'framing', length: "12'", bearing: true }),
    byHand:
      'Marks at 0, 16 … 128 in are 9, and one at the end: 10 studs. Three plates of 12 ft = 36 ft.',
    answers: { 'studs.count': 10, 'studs.jacks': 0, 'plates.length': 36 },
  },
  opening: {
    ask: imperial({
      kind: 'opening',
      unit: 'window',
      unitWidth: '36"',
      unitHeight: '48"',
      holeWidth: '40"',
      holeHeight: '52"',
    }),
    byHand:
      '36 + 1 = 37 in wide, 48 + 1 = 49 high. (40 - 37) / 2 = 1 1/2 in each side, 52 - 49 = 3 in at the head; header 37 + 3 = 40 in.',
    answers: {
      'opening.ro.width': 37,
      'opening.ro.height': 49,
      'opening.infill.side': 1.5,
      'opening.infill.head': 3,
      'opening.header.length': 40,
    },
  },
  stairs: {
    ask: imperial({ kind: 'stairs', rise: '8\' 10"' }),
    byHand:
      '106 / 7.75 = 13.7, so 14 risers of 106 / 14 = 7.571 in; 13 treads x 10 in = 10.83 ft of run; stringer: square root of 106² + 130² = 167.7 in = 13.98 ft.',
    answers: {
      'stairs.risers': 14,
      'stairs.riser': 7.571,
      'stairs.treads': 13,
      'stairs.run': 10.83,
      'stairs.stringer': 13.98,
    },
  },
  roof: {
    ask: imperial({ kind: 'roof', length: "40'", width: "26'", pitch: 6 }),
    byHand:
      '40 x 26 = 1,040 sq ft; 6 in 12: square root of 1.25 = 1.118; 1,162.8 sq ft = 11.63 squares; x 1.1 x 3 = 38.4, so 39 bundles; / 360 = 3.2, so 4 rolls. Edge: 80 ft of eaves + 4 rakes of 13 x 1.118 = 58.1.',
    answers: {
      'roof.squares': 11.63,
      'roof.bundles': 39,
      'roof.underlay': 4,
      'roof.ridge': 40,
      'roof.edge': 138.14,
    },
  },
  wrap: {
    ask: imperial({ kind: 'wrap', length: "40'", height: "16'", windows: 3, windowWidth: '36"' }),
    byHand:
      'Rows: (192 - 6) / (108 - 6) = 1.8, so 2 of 40 ft x 9 ft = 720 sq ft; 80 / 100 = 1 roll. Tape: 3 x (36 + 12) in = 12 ft.',
    answers: { 'wrap.area': 720, 'wrap.rolls': 1, 'wrap.sill': 12 },
  },
  siding: {
    ask: imperial({ kind: 'siding', length: "30'", height: "9'", exposure: '7"', lines: "3', 7'" }),
    byHand:
      '0 to 36 in: 6 courses of 6; 36 to 84: 48 / 7 = 6.9, so 7 of 6.857; 84 to 108: 4 of 6. In all 17. 30 x 9 = 270 sq ft.',
    answers: {
      'siding.courses': 17,
      'siding.exposure.1': 6,
      'siding.exposure.2': 6.857,
      'siding.exposure.3': 6,
      'siding.area': 270,
    },
  },
  deck: {
    ask: imperial({ kind: 'deck', length: "16'", width: "12'" }),
    byHand:
      'Rows: (144 + 1/8) / 5 5/8 = 25.6, so 26; boards as long as the deck: 26. Joists: 192 / 16 + 1 = 13. Screws: 26 x 13 x 2 = 676. Posts: 16 / 6 = 2.7, so 3 stretches and 4 posts.',
    answers: { 'deck.boards': 26, 'deck.joists': 13, 'deck.screws': 676, 'deck.posts': 4 },
  },
  batts: {
    ask: imperial({ kind: 'batts', length: "12'", width: "8'" }),
    byHand: '96 sq ft x (16 - 1 1/2) / 16 = 87 sq ft; one pack of 88.',
    answers: { 'batts.area': 87, 'batts.packs': 1 },
  },
  blown: {
    ask: imperial({ kind: 'blown', length: "20'", width: "15'", depth: '14"' }),
    byHand: '300 x 14 / (40 x 12) = 8.75, so 9 bags; 300 x 14/12 = 350 cu ft.',
    answers: { 'blown.bags': 9, 'blown.volume': 350 },
  },
  assembly: {
    ask: imperial({
      kind: 'assembly',
      cavityR: 13,
      depth: '3 1/2"',
      spacing: '16"',
      continuousR: 5,
    }),
    byHand:
      'Wood 3.5 x 1.25 = 4.375. Shared: 2.55 + 5 = 7.55. U = 0.25 / 11.925 + 0.75 / 20.55 = 0.02096 + 0.03650 = 0.0575; R = 17.40. Without the board: 0.25 / 6.925 + 0.75 / 15.55 = 0.08433, R 11.86.',
    answers: { 'assembly.r': 17.4, 'assembly.u': 0.058, 'assembly.r.without': 11.86 },
  },
  drywall: {
    ask: imperial({ kind: 'drywall' }, room("8'", "8'")),
    byHand:
      'Five surfaces of 8 x 8 ft, two sheets of 8 ft each: 10. One seam of 8 ft on each: 40 ft. Corners 4 x 8, ceiling line 32: 64. Tape (40 + 64) x 1.05 = 109.2 ft. 320 sq ft x 9.5 / 1000 = 3.04 gal.',
    answers: {
      'drywall.sheets': 10,
      'drywall.sheets.8ft': 10,
      'drywall.joints': 40,
      'drywall.tape': 109.2,
      'drywall.compound': 3.04,
    },
  },
  paint: {
    ask: imperial({ kind: 'paint', on: 'walls', coats: 2 }, room("12'", "10'", DOOR)),
    byHand:
      '44 ft x 8 = 352 sq ft, less the door 2.667 x 6.667 = 17.78: 334.2. x 2 / 375 = 1.783 gallons: two gallons at $38 beat a gallon and four quarts.',
    answers: { 'paint.gallons': 1.783, 'paint.cans.gallon': 2 },
  },
  wallpaper: {
    ask: imperial({ kind: 'wallpaper', repeat: '18"' }, room("12'", "10'")),
    byHand:
      '528 in / 21 = 25.1, so 26 drops. 96 + 4 = 100, up to 6 repeats of 18 = 108 in. 396 / 108 = 3 a roll. 26 / 3 = 8.7, so 9 rolls.',
    answers: { 'wallpaper.drops': 26, 'wallpaper.drop': 108, 'wallpaper.rolls': 9 },
  },
  flooring: {
    ask: imperial({ kind: 'flooring', carton: 20, waste: 10 }, room("12'", "10'")),
    byHand: '120 x 1.1 / 20 = 6.6, so 7 cartons.',
    answers: { 'flooring.area': 120, 'flooring.cartons': 7 },
  },
  planks: {
    ask: imperial({ kind: 'planks', face: '5"', boardLength: "6'", length: "14'", width: "10'" }),
    byHand:
      '120 / 5 = 24 rows of 14 ft = 336 ft; / 6 = 56 boards when every offcut starts a row, and here every one does.',
    answers: { 'planks.rows': 24, 'planks.boards': 56 },
  },
  tile: {
    ask: imperial({ kind: 'tile', length: '10\' 1 1/8"', width: '8\' 7/8"' }),
    byHand:
      '10 tiles of 12 in and 9 joints of 1/8 = 121 1/8; 8 and 7 joints = 96 7/8: 80 whole tiles, + 10% = 88. Grout: (609.6 / 92,903) x 9.525 x 3.175 x 1.6 = 0.3175 kg a m²; x 7.57 m² = 2.40 kg.',
    answers: { 'tile.count': 88, 'tile.cuts': 0, 'tile.grout': 2.4 },
  },
  trim: {
    ask: imperial({ kind: 'trim', on: 'base' }, room("12'", "10'", DOOR)),
    byHand: '44 ft less the door of 2 ft 8 = 41.33 ft.',
    answers: { 'trim.length': 41.33 },
  },
  lights: {
    ask: imperial({ kind: 'lights', use: 'bedroom', length: "15'", width: "12'" }),
    byHand:
      '180 x 20 = 3,600 lm / 800 = 4.5, so 5; square root of 5 x 15 / 12 = 2.5, so 3 columns and 2 rows: 6 lights.',
    answers: { 'lights.lumens': 3_600, 'lights.columns': 3, 'lights.rows': 2, 'lights.count': 6 },
  },
  fan: {
    ask: imperial({ kind: 'fan', length: "9'", width: "8'", elbows: 2 }),
    byHand: '72 sq ft x 1 = 72 cfm; 10 + 2 x 15 = 40 ft of duct; 6 ft x 1/4 = 1 1/2 in of fall.',
    answers: { 'fan.cfm': 72, 'fan.duct': 40, 'fan.fall': 1.5 },
  },
  heat: {
    ask: imperial({ kind: 'heat' }, room("12'", "10'", WINDOW)),
    byHand:
      'Half of 352 less 12 of glass = 164 / 13 = 12.62; 12 x 0.35 = 4.2; 120 / 30 = 4: UA 20.82. Air 0.018 x 0.5 x 960 = 8.64. 29.46 x 60 = 1,767 btu/h = 518 W.',
    answers: { 'heat.ua': 20.82, 'heat.btu': 1_767, 'heat.watts': 518 },
  },
  underfloor: {
    ask: imperial({ kind: 'underfloor', spacing: '6"', length: "15'", width: "12'" }),
    byHand:
      '180 / 0.5 = 360 ft of pipe = 109.7 m: 2 loops. 54 ft round. 180 sq ft x 2 1/2 in = 37.5 cu ft, / 27 = 1.39 cu yd.',
    answers: {
      'underfloor.pipe': 360,
      'underfloor.loops': 2,
      'underfloor.edge': 54,
      'underfloor.screed': 1.39,
    },
  },
  fit: {
    ask: imperial({
      kind: 'fit',
      long: '84"',
      deep: '34"',
      high: '28"',
      doorWidth: '30"',
      doorHeight: '78"',
      hall: '36"',
      next: '36"',
    }),
    byHand:
      'The face 34 x 28 passes 30 x 78. Lying it is too long for the turn; stood on end (84 in under 96) its foot is 34 x 28, and 28 wide goes round up to 2 x 36 / 0.7071 - 28 / 0.5 = 45.8 long.',
    answers: { 'fit.door': 1, 'fit.turn': 1 },
  },
};

const metric = (finish: object, where?: object) => ({
  units: 'metric',
  ...(where ? { room: where } : {}),
  finish,
});

/** The same in a house of metres, for the sums where more than the writing changes. */
export const METRIC_EXAMPLES: Record<string, Example> = {
  debris: {
    ask: metric({ kind: 'debris', perSquareMetre: 45, length: '5 m', width: '2 m', loadKg: 200 }),
    byHand: '10 m² x 45 kg = 450 kg: three trips of 200 kg.',
    answers: { 'debris.weight': 450, 'debris.trips': 3 },
  },
  concrete: {
    ask: metric({ kind: 'concrete', length: '4 m', width: '3 m', thickness: '100 mm' }),
    byHand: '4 x 3 x 0.1 = 1.2 m³, x 1.1 = 1.32; a bag of 25 kg makes 11.7 litres: 112.9, so 113.',
    answers: { 'concrete.volume': 1.32, 'concrete.bags': 113 },
  },
  framing: {
    ask: metric({ kind: 'framing', length: '3.6 m' }),
    byHand: 'Marks at 0, 400 … 3200 mm are 9, and one at the end: 10 studs. Two plates of 3.6 m.',
    answers: { 'studs.count': 10, 'plates.length': 7.2 },
  },
  stairs: {
    ask: metric({ kind: 'stairs', rise: '2.7 m' }),
    byHand: '2700 / 196 = 13.8, so 14 risers of 192.9 mm; 13 treads x 254 mm = 3.302 m of run.',
    answers: { 'stairs.risers': 14, 'stairs.riser': 192.9, 'stairs.run': 3.302 },
  },
  batts: {
    ask: metric({ kind: 'batts', length: '4 m', width: '2.5 m', packMetric: 5 }),
    byHand: '10 m² x (400 - 38) / 400 = 9.05 m²; / 5 = 1.8, so 2 packs.',
    answers: { 'batts.area': 9.05, 'batts.packs': 2 },
  },
  paint: {
    ask: metric({ kind: 'paint', length: '10 m', width: '2.5 m', spreadMetric: 10 }),
    byHand: '25 m² x 2 / 10 m² a litre = 5 litres: a can of 4 and one of 1.',
    answers: { 'paint.litres': 5, 'paint.cans.gallon': 1, 'paint.cans.quart': 1 },
  },
  flooring: {
    ask: metric({ kind: 'flooring', length: '5 m', width: '4 m', cartonMetric: 2 }),
    byHand: '20 m² x 1.1 / 2 m² a carton = 11.',
    answers: { 'flooring.cartons': 11, 'flooring.area': 20 },
  },
  planks: {
    ask: metric({ kind: 'planks', length: '3.6 m', width: '2.5 m', boardLength: '1.8 m' }),
    byHand: '2500 / 125 = 20 rows of two boards: 40.',
    answers: { 'planks.boards': 40, 'planks.rows': 20 },
  },
  tile: {
    ask: metric({ kind: 'tile', length: '3 m', width: '2.4 m', joint: '0' }),
    byHand: '10 x 8 = 80 whole tiles of 300 mm, x 1.1 = 88.',
    answers: { 'tile.count': 88, 'tile.cuts': 0 },
  },
  underfloor: {
    ask: metric({ kind: 'underfloor', length: '5 m', width: '4 m' }),
    byHand: '20 / 0.15 = 133.3 m of pipe: 2 loops. 18 m round. 20 x 0.065 = 1.3 m³.',
    answers: { 'underfloor.pipe': 133.33, 'underfloor.loops': 2, 'underfloor.screed': 1.3 },
  },
};
