/**
 * What a master builder would not forgive, told by hand and apart from the table and the rules: the checker of plans
 * and the named tests read this list, the scheduler never does. Steps of one place, unless a relation joins two.
 */
export type TradeOrder = { name: string; before: readonly string[]; after: readonly string[] };

const CLOSERS = ['board.ceiling', 'board.walls', 'wall.boards', 'ceiling.boards', 'wall.backer'];
const CLOSING = [...CLOSERS, 'insulate.batts', 'insulate.seal'];
const FINISHED_FLOORS = ['floor.lay', 'floor.sheet', 'floor.finish', 'tile.grout'];
const FIXTURES = ['fit.toilet', 'fit.basin', 'fit.washer', 'fit.sink'];

export const TRADE_ORDERS: readonly TradeOrder[] = [
  {
    name: 'wet room: the frame before the drains',
    before: ['structure.joists', 'structure.wall'],
    after: ['rough.drains'],
  },
  {
    name: 'wet room: drains, then fan, then bath, then water, then cable',
    before: ['rough.drains'],
    after: ['rough.fan', 'rough.bath-in', 'rough.water', 'rough.cable'],
  },
  {
    name: 'wet room: the fan and its duct before the bath is set',
    before: ['rough.fan', 'rough.ducts'],
    after: ['rough.bath-in'],
  },
  {
    name: 'wet room: the wall behind the bath is done before the bath',
    before: ['rough.bath-wall'],
    after: ['rough.bath-in'],
  },
  {
    name: 'wet room: the bath stands before its water',
    before: ['rough.bath-in'],
    after: ['rough.water'],
  },
  {
    name: 'wet room: water before gas before cable',
    before: ['rough.water', 'rough.gas'],
    after: ['rough.cable'],
  },
  {
    name: 'wet room: trades are seen before the frame',
    before: ['hold.plumbing', 'hold.electric', 'hold.mechanical'],
    after: ['hold.framing'],
  },
  {
    name: 'wet room: fire-stopping before the framing visit',
    before: ['rough.firestop'],
    after: ['hold.framing'],
  },
  {
    name: 'wet room: no backer, waterproofing or tile before drains and their visit',
    before: ['rough.drains', 'hold.plumbing'],
    after: ['wall.backer', 'tile.backer', 'wall.seal', 'tile.seal', 'wall.tile', 'tile.set'],
  },
  {
    name: 'wet room: backer, waterproofing, flood, tile, grout, silicone',
    before: ['wall.backer'],
    after: ['wall.seal', 'wall.tile', 'wall.grout', 'tile.silicone'],
  },
  {
    name: 'wet room: the pan holds water before any tile',
    before: ['tile.flood', 'wall.seal'],
    after: ['wall.tile', 'tile.set'],
  },
  {
    name: 'wet room: fittings after the silicone',
    before: ['tile.silicone'],
    after: ['fit.bath', 'fit.toilet'],
  },
  {
    name: 'wet room: glass is measured on finished tile',
    before: ['wall.tile', 'wall.grout', 'tile.set'],
    after: ['shower.measure', 'shower.glass'],
  },
  {
    name: 'wet room: the heat mat between backer and tile',
    before: ['tile.backer'],
    after: ['heat.mat'],
  },
  { name: 'wet room: the heat mat is under the tile', before: ['heat.mat'], after: ['tile.set'] },
  {
    name: 'cover-up: nothing closes before every rough visit',
    before: ['hold.plumbing', 'hold.electric', 'hold.mechanical', 'hold.framing'],
    after: CLOSERS,
  },
  {
    name: 'cover-up: nothing is filled before the record',
    before: ['record.walls'],
    after: CLOSING,
  },
  {
    name: 'cover-up: filling and paint wait for the visit where nothing else closes',
    before: ['hold.electric', 'hold.plumbing'],
    after: ['mend.walls', 'paint.wash', 'paint.walls', 'service.patch'],
  },
  {
    name: 'floors: boards settle after windows, board, compound and wet paint',
    before: [
      'shell.window',
      'shell.door',
      'board.walls',
      'board.ceiling',
      'board.finish',
      'board.sand',
      'paint.prime',
      'paint.ceiling',
    ],
    after: ['floor.carry'],
  },
  {
    name: 'floors: level, then settle, then lay',
    before: ['floor.level'],
    after: ['floor.carry', 'floor.lay', 'tile.backer'],
  },
  {
    name: 'floors: carpet after base and last coat',
    before: ['trim.base', 'last.coat'],
    after: ['floor.carpet'],
  },
  {
    name: 'roof: dried in before it is covered, covered before its ridge',
    before: ['roof.section', 'roof.dry-in'],
    after: ['roof.cover', 'roof.ridge'],
  },
  {
    name: 'face: strip, sheathing, wrap, flashing, siding, paint',
    before: ['demo.siding', 'frame.sheath'],
    after: ['shell.wrap', 'face.flash', 'outside.siding'],
  },
  {
    name: 'face: wrap and flashing before siding',
    before: ['shell.wrap', 'face.flash'],
    after: ['outside.siding'],
  },
  {
    name: 'fitting: appliances and sink after floor and tops',
    before: [...FINISHED_FLOORS, 'fit.tops'],
    after: ['fit.appliances', 'fit.sink'],
  },
  {
    name: 'fitting: fixtures stand on the finished floor',
    before: FINISHED_FLOORS,
    after: FIXTURES,
  },
  {
    name: 'fitting: final visits after what they test',
    before: ['fit.devices', 'fit.lights', 'fit.appliances'],
    after: ['final.electric'],
  },
  {
    name: 'fitting: final plumbing after the fixtures',
    before: ['fit.toilet', 'fit.basin', 'fit.bath', 'fit.sink'],
    after: ['final.plumbing'],
  },
  {
    name: 'fitting: a heat source after its pipes and their test',
    before: ['rough.heat', 'rough.gas'],
    after: ['fit.boiler', 'fit.radiator'],
  },
  {
    name: 'structure: shoring leaves after beam, joists and visit',
    before: ['structure.beam', 'bearing.joists', 'bearing.look'],
    after: ['structure.unshore'],
  },
  {
    name: 'structure: shoring stands before the wall goes',
    before: ['structure.shore'],
    after: ['demo.wall'],
  },
  {
    name: 'structure: joists, subfloor, walls, rafters, roof',
    before: ['frame.joists'],
    after: ['structure.subfloor', 'frame.walls', 'frame.roof', 'roof.dry-in'],
  },
  {
    name: 'structure: no backfill before the floor deck',
    before: ['frame.joists', 'structure.subfloor'],
    after: ['base.backfill'],
  },
  {
    name: 'look-holes, engineer, permit, demolition: never a ring',
    before: ['look.open'],
    after: [
      'engineer.visit',
      'permit.apply',
      'demo.walls',
      'demo.ceiling',
      'demo.floor',
      'demo.partition',
    ],
  },
  { name: 'look-holes: after isolation', before: ['look.isolate'], after: ['look.open'] },
  {
    name: 'look-holes: the permit before demolition',
    before: ['permit.apply'],
    after: ['demo.walls', 'demo.ceiling', 'demo.fixtures', 'demo.floor'],
  },
  {
    name: 'trim: casing after first coats, prefinish and floor height',
    before: ['paint.prime', 'paint.walls', 'trim.prefinish', 'trim.doors'],
    after: ['trim.casing'],
  },
  {
    name: 'trim: caulk and last coat after casing',
    before: ['trim.casing', 'trim.base'],
    after: ['last.caulk', 'last.coat'],
  },
  {
    name: 'trim: the punch list after everything in the place',
    before: [
      'last.coat',
      'close.clean',
      'fit.devices',
      'trim.base',
      'outside.siding',
      'floor.carpet',
    ],
    after: ['close.punch'],
  },
  {
    name: 'insulation is seen before board and tape',
    before: ['insulate.batts', 'hold.insulation'],
    after: ['board.walls', 'board.ceiling', 'board.tape'],
  },
  {
    name: 'large pieces before what shuts them in',
    before: ['rough.shower-in'],
    after: ['structure.wall', 'board.walls'],
  },
  {
    name: 'opening: the unit is here before the hole is cut',
    before: ['opening.check'],
    after: ['opening.frame', 'opening.set'],
  },
  {
    name: 'opening: lines and props before the saw',
    before: ['opening.reroute', 'opening.shore'],
    after: ['opening.frame', 'opening.set'],
  },
  {
    name: 'opening: what was moved is seen before it is patched',
    before: ['hold.electric'],
    after: ['opening.patch'],
  },
  {
    name: 'addition: broken through only to what is dry and locked',
    before: ['roof.dry-in', 'roof.cover', 'shell.wrap', 'shell.window', 'shell.door'],
    after: ['join.break-through'],
  },
  {
    name: 'base: no footing before its visit',
    before: ['hold.footing'],
    after: ['base.footing', 'deck.footing'],
  },
  {
    name: 'base: no slab before its pipes are seen',
    before: ['slab.drains', 'hold.under-slab'],
    after: ['slab.pour'],
  },
  {
    name: 'deck: the frame is seen before its boards',
    before: ['hold.deck'],
    after: ['outside.deck', 'outside.rail'],
  },
];

/** Only what lies in this order in the list's own words: a pair that names one step twice is none. */
export const pairsOf = ({ before, after }: TradeOrder): [string, string][] =>
  before.flatMap((first) =>
    after.filter((second) => second !== first).map((second): [string, string] => [first, second]),
  );
