/**
 * A pure function that keeps its last answers, at most `most` of them: where one more would be kept, all are forgotten.
 * What is kept can be dropped at any time, so it is no state: only the time an answer takes depends on it.
 */
export function remembering<Key extends string | number, Value extends NonNullable<unknown>>(
  most: number,
  work: (key: Key) => Value,
): (key: Key) => Value {
  const kept = new Map<Key, Value>();
  return (key) => {
    const known = kept.get(key);
    if (known !== undefined) return known;
    const found = work(key);
    if (kept.size >= most) kept.clear();
    kept.set(key, found);
    return found;
  };
}

/**
 * The same for what is worked out of a thing that never changes: answers go with it, and of each thing at most `most`
 * are kept. `keyOf` names what else an answer depends on.
 */
export function rememberingOf<Thing extends object, Rest extends unknown[], Value>(
  most: number,
  keyOf: (...rest: Rest) => string,
  work: (thing: Thing, ...rest: Rest) => Value,
): (thing: Thing, ...rest: Rest) => Value {
  const kept = new WeakMap<Thing, Map<string, { value: Value }>>();
  return (thing, ...rest) => {
    const key = keyOf(...rest);
    const known = kept.get(thing) ?? new Map<string, { value: Value }>();
    const before = known.get(key);
    if (before) return before.value;
    const value = work(thing, ...rest);
    if (known.size >= most) known.clear();
    known.set(key, { value });
    kept.set(thing, known);
    return value;
  };
}
