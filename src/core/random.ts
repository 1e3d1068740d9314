/** A seeded source of numbers in [0, 1): the only chance the core knows. */
export type Random = () => number;

/** Mulberry32: 32 bits of state, passes the usual small tests, the same on every machine. */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** FNV-1a: a number of its own for each name. */
export function hashOf(name: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < name.length; at += 1) {
    hash = Math.imul(hash ^ name.charCodeAt(at), 0x01000193);
  }
  return hash >>> 0;
}
