import { EVERYTHING, coresOf, setOf, type Assembly, type AssemblySet } from './assemblies';

/**
 * `verb.layer`: 8.2 covers the walls, 8.3 tapes them. On one assembly a smaller key always goes first. What a step can do
 * to an assembly, in the order in which that is ever done to one: 1 looks, 2 opens, 3 carries, 4 dries in, 5 runs,
 * 6 inspects, 7 fills, 8 covers, 9 first finish, 10 fixes, 11 completes, 12 hands over.
 */
export type Key = number;
/** The verb of a key: its whole part. */
export const verbOf = (key: Key): number => Math.floor(key + 1e-9);

export type Operation = {
  key: Key;
  /** What it works on. */
  on: AssemblySet;
  /** Behind or on what its work lies afterwards: a cable is worked on as wires, and lies in the wall. */
  within: AssemblySet;
};

const operation =
  (verb: number) =>
  (
    layer: number,
    on: readonly Assembly[] | 'all',
    within: readonly Assembly[] = [],
  ): Operation => ({
    key: Math.round((verb + layer) * 10_000) / 10_000,
    on: on === 'all' ? EVERYTHING : setOf(...on),
    within: setOf(...within),
  });

const looks = operation(1);
const opens = operation(2);
const carries = operation(3);
const driesIn = operation(4);
const runs = operation(5);
const inspects = operation(6);
const fills = operation(7);
const covers = operation(8);
const finishes = operation(9);
const fixes = operation(10);
const completes = operation(11);
const handsOver = operation(12);

/**
 * What each step of the library does to what: one verb with its layer, on the assemblies it touches. The order of
 * the work follows from this table and the matrix of verbs (`precedence/matrix.ts`); a test asks for a line for every step.
 * A run of steps (a changed opening, a bearing wall, a roof section) is a chain of neighbouring layers inside one key.
 */
export const OPERATIONS: Readonly<Record<string, Operation>> = {
  // 1 looks
  'safe.locks': looks(0.02, ['opening']),
  'survey.walk': looks(0.1, 'all'),
  'survey.measure': looks(0.12, 'all'),
  'survey.test': looks(0.15, 'all'),
  'look.isolate': looks(0.18, ['wires', 'water', 'gas', 'heat']),
  'look.open': looks(0.2, ['wall', 'floor', 'ceiling', 'skin', 'roofSkin', 'base']),
  'look.sample': looks(0.2, ['wall', 'floor', 'ceiling', 'skin', 'roofSkin']),
  'look.wiring': looks(0.2, ['wires']),
  'look.frame': looks(0.21, ['wallCore', 'floorCore', 'base', 'roofCore']),
  'look.bearing': looks(0.21, ['wallCore']),
  'look.carries': looks(0.21, ['base', 'roofCore', 'floorCore']),
  'look.office': looks(0.2, ['ground']),
  'look.square': looks(0.2, ['wall', 'floor', 'opening']),
  'decide.finishes': looks(0.3, ['wall', 'floor', 'ceiling', 'furniture', 'opening', 'skin']),
  'engineer.visit': looks(0.5, ['wallCore', 'floorCore', 'base', 'roofCore', 'opening']),
  'permit.plans': looks(0.55, 'all'),
  'permit.apply': looks(0.6, 'all'),
  'site.locate': looks(0.62, ['ground', 'base']),
  'pieces.here': looks(0.8, ['furniture', 'opening', 'drains', 'water']),
  'opening.check': looks(0.81, ['opening']),
  'temp.kitchen': looks(0.85, ['furniture']),
  'temp.toilet': looks(0.85, ['furniture']),
  'temp.wash': looks(0.86, ['furniture']),
  'site.alarms': looks(0.87, ['air']),
  'site.tarp': looks(0.88, ['roofSkin', 'skin']),
  'site.bin': looks(0.89, 'all'),
  'safe.isolate': looks(0.9, ['wires', 'water', 'gas', 'heat']),
  'safe.dust-wall': looks(0.92, ['air']),
  'safe.protect': looks(0.93, ['floor']),
  'site.scaffold': looks(0.94, ['skin', 'roofSkin']),
  'site.storage': looks(0.95, ['furniture']),

  // 2 opens
  'safe.abate': opens(0.01, 'all'),
  'service.move': opens(0.05, ['gas', 'wires', 'water', 'air'], ['skin', 'wall']),
  'demo.fixtures': opens(0.1, ['furniture', 'drains', 'water'], ['wall', 'floor']),
  'demo.part': opens(0.11, ['furniture', 'water', 'wires', 'heat', 'skin', 'ground']),
  'opening.save': opens(0.12, ['opening']),
  'chimney.out': opens(0.15, ['roofCore', 'wallCore', 'heat']),
  'demo.ceiling': opens(0.2, ['ceiling']),
  'demo.walls': opens(0.3, ['wall']),
  'demo.partition': opens(0.31, ['wallCore', 'wall']),
  'demo.surround': opens(0.305, ['wall']),
  'demo.siding': opens(0.32, ['skin']),
  'demo.porch': opens(0.35, ['floorCore', 'roofCore', 'floor', 'base']),
  'demo.floor': opens(0.4, ['floor']),
  'demo.haul': opens(0.9, 'all'),

  // 3 carries
  'base.layout': carries(0.005, ['base', 'ground']),
  'base.dig': carries(0.01, ['base', 'ground']),
  'deck.dig': carries(0.012, ['base', 'ground']),
  'hold.footing': carries(0.02, ['base']),
  'base.footing': carries(0.03, ['base']),
  'deck.footing': carries(0.035, ['base']),
  'base.wall': carries(0.04, ['base']),
  'base.mend': carries(0.045, ['base']),
  'slab.drains': carries(0.05, ['base', 'drains'], ['floor', 'floorCore']),
  'heat.slab': carries(0.055, ['base', 'heat'], ['floor', 'floorCore']),
  'hold.under-slab': carries(0.06, ['base', 'drains'], ['floor', 'floorCore']),
  'slab.pour': carries(0.1, ['base', 'floor', 'floorCore']),
  'level.piers': carries(0.15, ['base']),
  'level.jack': carries(0.2, ['base', 'floorCore']),
  'deck.posts': carries(0.25, ['floorCore'], ['base']),
  'deck.ledger': carries(0.3, ['floorCore', 'skin']),
  'structure.joists': carries(0.4, ['floorCore']),
  'frame.joists': carries(0.41, ['floorCore'], ['base']),
  'deck.frame': carries(0.42, ['floorCore'], ['base']),
  'shell.porch': carries(0.43, ['floorCore', 'roofCore'], ['base']),
  'structure.subfloor': carries(0.5, ['floorCore', 'floor']),
  'rough.shower-in': carries(0.55, ['drains', 'water'], ['wallCore']),
  'shell.drain': carries(0.56, ['ground', 'base']),
  'base.backfill': carries(0.57, ['ground', 'base'], ['floorCore']),
  'structure.wall': carries(0.6, ['wallCore'], ['floorCore', 'base']),
  'frame.walls': carries(0.61, ['wallCore'], ['floorCore', 'base']),
  'frame.infill': carries(0.62, ['wallCore'], ['floorCore', 'base']),
  'bearing.reroute': carries(0.648, ['wires', 'water'], ['wallCore']),
  'bearing.posts': carries(0.649, ['base', 'wallCore']),
  'bearing.beam-in': carries(0.65, ['wallCore', 'ceilingCore']),
  'structure.shore': carries(0.651, ['wallCore', 'ceilingCore', 'floorCore']),
  'demo.wall': carries(0.652, ['wallCore', 'wall']),
  'structure.beam': carries(0.653, ['wallCore', 'ceilingCore']),
  'bearing.joists': carries(0.655, ['ceilingCore', 'wallCore']),
  'bearing.look': carries(0.657, ['wallCore', 'ceilingCore']),
  'structure.unshore': carries(0.658, ['wallCore', 'ceilingCore', 'floorCore']),
  'structure.stair': carries(0.68, ['stair'], ['floorCore']),
  'frame.roof': carries(0.7, ['roofCore', 'ceilingCore'], ['wallCore']),
  'chimney.close': carries(0.72, ['roofCore', 'ceilingCore', 'floorCore']),
  'frame.sheath': carries(0.8, ['skin', 'wallCore'], ['roofCore']),
  'frame.deck-roof': carries(0.82, ['roofSkin', 'roofCore']),

  // 4 dries in
  'roof.section': driesIn(0.1, ['roofSkin', 'roofCore']),
  'roof.dry-in': driesIn(0.11, ['roofSkin', 'roofCore']),
  'shell.wrap': driesIn(0.2, ['skin']),
  'roof.leads': driesIn(0.24, ['roofSkin']),
  'roof.cover': driesIn(0.25, ['roofSkin']),
  'shell.roof': driesIn(0.251, ['roofSkin']),
  'roof.ridge': driesIn(0.26, ['roofSkin']),
  'face.flash': driesIn(0.27, ['skin']),
  'shell.window': driesIn(0.3, ['opening'], ['skin']),
  'shell.door': driesIn(0.301, ['opening'], ['skin']),
  'opening.reroute': driesIn(0.31, ['wires', 'water'], ['wallCore', 'wall', 'opening']),
  'opening.shore': driesIn(0.32, ['wallCore', 'opening']),
  'opening.frame': driesIn(0.33, ['opening', 'wallCore']),
  'structure.opening': driesIn(0.331, ['opening', 'wallCore'], ['skin']),
  'opening.set': driesIn(0.34, ['opening'], ['skin']),
  'opening.unshore': driesIn(0.345, ['wallCore', 'opening']),
  'join.old-new': driesIn(0.4, ['skin', 'roofSkin']),
  'join.break-through': driesIn(0.9, ['wallCore', 'opening']),

  // 5 runs
  'shell.clear-drains': runs(0.05, ['ground', 'roofSkin', 'drains']),
  'rough.drains': runs(0.1, ['drains'], ['wall', 'floor', 'floorCore', 'wallCore', 'base']),
  'radon.pipe': runs(0.15, ['air', 'base'], ['wall', 'floor', 'roofSkin']),
  'rough.ducts': runs(0.2, ['air'], ['wall', 'ceiling', 'skin', 'floorCore']),
  'rough.fan': runs(0.22, ['air'], ['ceiling', 'skin']),
  'rough.bath-wall': runs(0.29, ['wallCore']),
  'rough.bath-in': runs(0.3, ['drains', 'water'], ['wall', 'floor', 'wallCore', 'floorCore']),
  'rough.water': runs(0.4, ['water'], ['wall', 'floorCore', 'wallCore']),
  'rough.heat': runs(0.42, ['heat'], ['wall', 'floorCore', 'wallCore']),
  'rough.lineset': runs(0.44, ['heat'], ['wall', 'skin']),
  'rough.mend-pipes': runs(0.45, ['drains', 'water'], ['wall', 'floor']),
  'rough.gas': runs(0.5, ['gas'], ['wall', 'floorCore', 'skin']),
  'stove.flue': runs(0.52, ['heat', 'air'], ['wall', 'ceiling', 'roofSkin']),
  'rough.panel': runs(0.58, ['wires'], ['wall']),
  'rough.cable': runs(0.6, ['wires'], ['wall', 'ceiling', 'wallCore', 'ceilingCore']),
  'rough.mend-power': runs(0.65, ['wires'], ['wall']),
  'rough.firestop': runs(0.9, ['wallCore', 'ceilingCore', 'floorCore']),

  // 6 inspects
  'hold.plumbing': inspects(0.1, ['drains', 'water', 'heat'], ['wall', 'floor', 'floorCore']),
  'hold.electric': inspects(0.1, ['wires'], ['wall', 'ceiling', 'ceilingCore']),
  'hold.mechanical': inspects(0.1, ['air', 'gas'], ['wall', 'ceiling', 'floorCore']),
  'hold.framing': inspects(
    0.3,
    ['wallCore', 'floorCore', 'ceilingCore', 'roofCore', 'stair'],
    ['wall', 'ceiling', 'floor'],
  ),
  'hold.deck': inspects(0.3, ['floorCore', 'base', 'roofCore'], ['floor']),
  'record.walls': inspects(
    0.5,
    ['drains', 'water', 'gas', 'heat', 'wires', 'air', 'wallCore', 'floorCore', 'ceilingCore'],
    ['wall', 'ceiling', 'floor'],
  ),

  // 7 fills
  'insulate.seal': fills(0.1, ['wallCore', 'ceilingCore', 'roofCore'], ['wall', 'ceiling']),
  'insulate.batts': fills(0.2, ['wallCore', 'ceilingCore', 'roofCore'], ['wall', 'ceiling']),
  'insulate.roof': fills(0.21, ['roofCore', 'ceilingCore'], ['ceiling']),
  'insulate.floor': fills(0.22, ['floorCore'], ['floor']),
  'hold.insulation': fills(0.9, ['wallCore', 'ceilingCore', 'roofCore'], ['wall', 'ceiling']),

  // 8 covers
  'board.ceiling': covers(0.1, ['ceiling']),
  'ceiling.boards': covers(0.11, ['ceiling']),
  'insulate.blown': covers(0.15, ['floorCore', 'floor']),
  'board.walls': covers(0.2, ['wall']),
  'wall.boards': covers(0.21, ['wall']),
  'opening.patch': covers(0.22, ['opening', 'wall']),
  'service.patch': covers(0.23, ['wall', 'ceiling']),
  'outside.siding': covers(0.2, ['skin']),
  'opening.skin': covers(0.21, ['skin']),
  'mend.skin': covers(0.22, ['skin']),
  'wall.render': covers(0.24, ['skin']),
  'wall.backer': covers(0.25, ['wall']),
  'mend.ceiling': covers(0.29, ['ceiling']),
  'mend.walls': covers(0.291, ['wall']),
  'board.tape': covers(0.3, ['wall', 'ceiling']),
  'board.tape-ceiling': covers(0.301, ['ceiling']),
  'board.second': covers(0.32, ['wall', 'ceiling']),
  'board.finish': covers(0.34, ['wall', 'ceiling']),
  'wall.texture': covers(0.36, ['wall', 'ceiling']),
  'paint.wash': covers(0.44, ['wall', 'ceiling']),
  'board.sand': covers(0.45, ['wall', 'ceiling']),
  'mend.boards': covers(0.46, ['floor']),
  'heat.floor': covers(0.48, ['floor', 'heat']),
  'floor.level': covers(0.5, ['floor']),
  'outside.deck': covers(0.52, ['floor']),
  'tile.backer': covers(0.6, ['floor']),
  'heat.mat': covers(0.65, ['floor', 'wires']),
  'wall.seal': covers(0.69, ['wall']),
  'tile.seal': covers(0.7, ['floor']),
  'tile.flood': covers(0.8, ['floor', 'drains']),
  'outside.grade': covers(0.9, ['ground']),

  // 9 first finish
  'outside.paint': finishes(0.05, ['skin']),
  'paint.prime': finishes(0.1, ['wall', 'ceiling']),
  'paint.ceiling': finishes(0.2, ['ceiling']),
  'paint.walls': finishes(0.3, ['wall']),
  'wall.paper': finishes(0.34, ['wall']),
  'wall.panels': finishes(0.36, ['wall']),
  'wall.tile': finishes(0.4, ['wall']),
  'wall.refresh-tile': finishes(0.42, ['wall', 'floor']),
  'floor.carry': finishes(0.45, ['floor']),
  'floor.sand': finishes(0.48, ['floor']),
  'floor.lay': finishes(0.5, ['floor']),
  'floor.sheet': finishes(0.501, ['floor']),
  'floor.finish': finishes(0.51, ['floor']),
  'tile.set': finishes(0.52, ['floor']),
  'stove.hearth': finishes(0.53, ['floor']),
  'outside.paving': finishes(0.55, ['ground']),
  'wall.grout': finishes(0.59, ['wall']),
  'tile.grout': finishes(0.6, ['floor']),
  'tile.silicone': finishes(0.7, ['wall', 'floor']),

  // 10 fixes
  'trim.prefinish': fixes(0.05, ['loose']),
  'trim.doors': fixes(0.1, ['opening'], ['wall', 'floor']),
  'mend.window': fixes(0.12, ['opening']),
  'mend.door': fixes(0.13, ['opening']),
  'trim.locks': fixes(0.14, ['opening']),
  'cabinets.set': fixes(0.2, ['furniture'], ['wall', 'floor']),
  'cabinets.shelves': fixes(0.25, ['furniture'], ['wall', 'floor']),
  'mend.built-ins': fixes(0.26, ['furniture'], ['wall']),
  'trim.casing': fixes(0.3, ['opening'], ['wall']),
  'cabinets.template': fixes(0.35, ['furniture']),
  'temp.tops': fixes(0.36, ['furniture']),
  'shower.measure': fixes(0.4, ['wall', 'floor']),
  'trim.base': fixes(0.5, ['wall', 'floor']),
  'trim.rail': fixes(0.55, ['stair'], ['wall']),
  'outside.rail': fixes(0.56, ['floorCore', 'floor', 'stair']),
  'outside.fence': fixes(0.57, ['ground']),
  'fit.tops': fixes(0.6, ['furniture'], ['wall']),
  'shell.gutter': fixes(0.65, ['roofSkin', 'skin']),
  'tile.splash': fixes(0.7, ['wall'], ['furniture']),
  'fit.toilet': fixes(0.8, ['drains', 'water'], ['wall', 'floor']),
  'fit.basin': fixes(0.801, ['drains', 'water'], ['wall', 'floor', 'furniture']),
  'fit.bath': fixes(0.802, ['drains', 'water'], ['wall', 'floor']),
  'fit.sink': fixes(0.803, ['drains', 'water'], ['furniture', 'wall']),
  'fit.devices': fixes(0.804, ['wires'], ['wall']),
  'fit.lights': fixes(0.805, ['wires'], ['ceiling', 'wall']),
  'fit.alarms': fixes(0.806, ['wires'], ['ceiling']),
  'fit.radiator': fixes(0.807, ['heat'], ['wall', 'floor']),
  'fit.fan': fixes(0.808, ['air', 'wires'], ['ceiling']),
  'fit.ventilation': fixes(0.809, ['air', 'wires'], ['ceiling', 'wall']),
  'fit.appliances': fixes(0.85, ['furniture', 'gas', 'wires'], ['wall', 'floor']),
  'fit.washer': fixes(0.851, ['drains', 'water'], ['wall', 'floor', 'furniture']),
  'fit.boiler': fixes(0.852, ['heat', 'gas'], ['wall', 'floor']),
  'fit.heat-pump': fixes(0.853, ['heat', 'wires'], ['wall']),
  'fit.stove': fixes(0.854, ['heat'], ['wall', 'floor']),
  'mend.heating': fixes(0.855, ['heat'], ['wall']),
  'radon.test': fixes(0.86, ['air', 'base']),
  'shower.glass': fixes(0.9, ['wall', 'floor'], ['drains']),

  // 11 completes
  'last.caulk': completes(0.1, ['wall', 'ceiling', 'opening', 'floor', 'furniture']),
  'last.coat': completes(0.2, ['wall', 'ceiling', 'opening']),
  'floor.carpet': completes(0.5, ['floor']),
  'outside.lawn': completes(0.6, ['ground']),

  // 12 hands over
  'final.electric': handsOver(0.1, ['wires']),
  'final.plumbing': handsOver(0.1, ['drains', 'water', 'heat']),
  'final.mechanical': handsOver(0.1, ['air', 'gas', 'heat']),
  'final.building': handsOver(0.15, ['floorCore', 'wallCore', 'roofCore', 'stair']),
  'final.occupancy': handsOver(0.2, 'all'),
  'clean.down': handsOver(0.35, 'all'),
  'close.clean': handsOver(0.4, 'all'),
  'close.punch': handsOver(0.5, 'all'),
  'site.home': handsOver(0.55, ['furniture', 'air']),
  'move.in': handsOver(0.6, 'all'),
  'after.papers': handsOver(0.8, 'all'),
  'after.season': handsOver(0.9, 'all'),
};

/** Work on the outside alone: what is inside waits for none of it once the weather is kept out. */
const OUTER: AssemblySet = setOf('skin', 'roofSkin', 'ground');
/** Whether it touches nothing but the outside of the house. */
export const isOuter = ({ on }: Operation): boolean => (on & ~OUTER) === 0;

const FILLS = 7;

/** The skin closes from outside, and waits for nothing that fills the wall from inside. */
const isApart = (a: Operation, b: Operation): boolean =>
  (verbOf(a.key) === FILLS && isOuter(b)) || (verbOf(b.key) === FILLS && isOuter(a));

/** Whether two steps of one place touch one assembly: worked on by both, or worked on by one where the other lies. */
export function meet(a: Operation, b: Operation): boolean {
  const direct = (a.on & b.on) | (a.within & b.on) | (a.on & b.within);
  if (direct !== 0) return true;
  return ((coresOf(a.on) & b.on) | (a.on & coresOf(b.on))) !== 0 && !isApart(a, b);
}

/** What a step does; undefined for a step nobody placed yet. */
export const operationOf = (stepId: string): Operation | undefined => OPERATIONS[stepId];
