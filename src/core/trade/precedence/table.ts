import { isOuter, meet, verbOf, type AssemblySet, type Operation } from '../steps';
import {
  MATRIX,
  FINALS_END,
  LAYERS,
  WITHIN,
  isFree,
  type PrecedenceCell,
  type Layer,
  type Scope,
} from './matrix';
import type { Strength } from './rules';

/** Why one step goes before another. */
export type Ordering = { strength: Strength; why: string };

const within = ([low, high]: readonly [number, number], key: number): boolean =>
  key >= low - 1e-9 && key <= high + 1e-9;

const HANDS_OVER = 12;

/** Column 12: a visit hangs on its own assembly, cleaning and the list of faults on the whole room. */
const scopeOf = (scope: Scope, after: number): Scope =>
  after >= HANDS_OVER && after < FINALS_END ? 'assembly' : scope;

/** Fixing and visiting: what only lies in the same wall waits for nothing. */
const STRICT: ReadonlySet<number> = new Set([1, 6, 10]);

/** Whether an operation has to do with any of some assemblies. */
export const touches = ({ on, within: inside }: Operation, assemblies: AssemblySet): boolean =>
  ((on | inside) & assemblies) !== 0;

const LINES = 5;

/** Once the lines are run, inside and outside go on beside each other, unless they meet. */
const inOneRoom = (a: Operation, b: Operation): boolean =>
  isOuter(a) === isOuter(b) || (a.key < LINES && !isOuter(b)) || meet(a, b);

export type Table = {
  cells: Readonly<Record<string, PrecedenceCell>>;
  layers: readonly Layer[];
  within: typeof WITHIN;
};
const WHOLE: Table = { cells: MATRIX, layers: LAYERS, within: WITHIN };

/**
 * Whether the first of two steps in one place must be done before the second, by the table alone; undefined when they
 * are free of each other, or stand the other way round.
 */
export function orderBetween(
  a: Operation,
  b: Operation,
  table: Table = WHOLE,
): Ordering | undefined {
  if (a.key >= b.key) return undefined;
  const layer = table.layers.find(
    ({ from, to, scope }) =>
      within(from, a.key) && within(to, b.key) && (scope === 'room' ? inOneRoom(a, b) : meet(a, b)),
  );
  if (layer) return layer;
  const [first, second] = [verbOf(a.key), verbOf(b.key)];
  if (first === second) {
    const same = table.within[first - 1];
    if (!same || same.scope === 'listed') return undefined;
    if (same.scope === 'room') return inOneRoom(a, b) ? same : undefined;
    const together = STRICT.has(first) ? (a.on & b.on) !== 0 : meet(a, b);
    return together ? same : undefined;
  }
  const cell = table.cells[`${first}>${second}`];
  if (!cell || isFree(cell)) return undefined;
  const reaches = scopeOf(cell.scope, b.key) === 'room' ? inOneRoom(a, b) : meet(a, b);
  return reaches ? cell : undefined;
}
