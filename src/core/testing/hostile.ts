import fc from 'fast-check';

/** Values that no field expects, and that somebody's file holds one day. */
const HOSTILE: readonly unknown[] = [
  null,
  -5,
  0,
  0.5,
  1e15,
  1e308,
  -1e15,
  9_007_199_254_740_991,
  '',
  ' ',
  '__proto__',
  'constructor',
  '=1+1',
  'x'.repeat(11_000),
  '9999-12-31',
  '0001-01-01',
  '2026-02-30',
  [],
  {},
  [[]],
  true,
  'undone',
  'houseStarted',
];

type Branch = { holder: Record<string, unknown>; key: string };

/** Every field of a document, deep down, in order. */
function branchesOf(value: unknown): Branch[] {
  if (typeof value !== 'object' || value === null) return [];
  const holder = value as Record<string, unknown>;
  return Object.keys(holder).flatMap((key) => [{ holder, key }, ...branchesOf(holder[key])]);
}

/** Texts that began as `file`: fields replaced, dropped, repeated under another name, rows swapped, letters changed. */
export function fuzzed(file: string): fc.Arbitrary<string> {
  const fields = branchesOf(JSON.parse(file)).length;
  const change = fc.record({
    at: fc.nat({ max: fields - 1 }),
    how: fc.constantFrom('replace', 'drop', 'copy', 'swap'),
    value: fc.oneof(fc.constantFrom(...HOSTILE), fc.anything({ maxDepth: 1 })),
    to: fc.nat({ max: fields - 1 }),
  });
  const changed = fc.array(change, { minLength: 1, maxLength: 3 }).map((changes) => {
    const document: unknown = JSON.parse(file);
    for (const { at, how, value, to } of changes) {
      const branches = branchesOf(document);
      const [one, other] = [branches[at % branches.length], branches[to % branches.length]];
      if (!one || !other) continue;
      if (how === 'drop') delete one.holder[one.key];
      else if (how === 'replace') one.holder[one.key] = value;
      else if (how === 'copy') other.holder[other.key] = structuredClone(one.holder[one.key]);
      else {
        const kept = structuredClone(one.holder[one.key]);
        one.holder[one.key] = structuredClone(other.holder[other.key]);
        other.holder[other.key] = kept;
      }
    }
    return textOf(document);
  });
  const scribbled = fc
    .tuple(fc.nat({ max: file.length - 1 }), fc.string({ minLength: 1, maxLength: 1 }))
    .map(([at, letter]) => file.slice(0, at) + letter + file.slice(at + 1));
  return fc.oneof({ weight: 9, arbitrary: changed }, { weight: 1, arbitrary: scribbled });
}

/** What JSON can hold of it. */
function textOf(document: unknown): string {
  return JSON.stringify(document, (_, value: unknown) =>
    typeof value === 'bigint' || typeof value === 'symbol' ? String(value) : value,
  );
}
