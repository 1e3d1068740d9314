/**
 * What a place is made of. A step names the assemblies it touches; two steps on one assembly are never left
 * without an order by accident. `loose` is what is made on the bench before it belongs to any assembly.
 */
const ASSEMBLIES = [
  'base',
  'floorCore',
  'wallCore',
  'ceilingCore',
  'roofCore',
  'stair',
  'floor',
  'wall',
  'ceiling',
  'opening',
  'skin',
  'roofSkin',
  'ground',
  'furniture',
  'drains',
  'water',
  'gas',
  'heat',
  'wires',
  'air',
  'loose',
] as const;
export type Assembly = (typeof ASSEMBLIES)[number];

/** A set of assemblies as bits, so that thousands of pairs are compared in no time. */
export type AssemblySet = number;

const BIT = new Map<Assembly, number>(ASSEMBLIES.map((assembly, at) => [assembly, 1 << at]));
/** Assemblies as a set. */
export const setOf = (...assemblies: readonly Assembly[]): AssemblySet =>
  assemblies.reduce((set, assembly) => set | (BIT.get(assembly) ?? 0), 0);

export const EVERYTHING: AssemblySet = setOf(...ASSEMBLIES);

/** A face meets what carries it: board the studs, a floor its joists, siding the wall it hangs on. */
const CORE_OF: readonly (readonly [face: AssemblySet, core: AssemblySet])[] = [
  [setOf('floor'), setOf('floorCore')],
  [setOf('wall'), setOf('wallCore')],
  [setOf('ceiling'), setOf('ceilingCore')],
  [setOf('skin'), setOf('wallCore')],
  [setOf('roofSkin'), setOf('roofCore')],
  [setOf('opening'), setOf('wallCore')],
];

/** What lies inside those assemblies: of a wall its core. */
export const coresOf = (set: AssemblySet): AssemblySet =>
  CORE_OF.reduce((cores, [face, core]) => (set & face ? cores | core : cores), 0);
