import { setOf, type AssemblySet } from '../../../trade/steps/assemblies';
import { stem } from '../../../language/stems';

/** What a spoken verb does to what it names, as the table of steps (`steps/doing.ts`) has it: its verbs by number. */
const ACTIONS: readonly (readonly [words: string, verbs: readonly number[]])[] = [
  ['strip tear rip pull remove demolish demo gut lift dismantle knock break chip scrape', [2]],
  ['hang lay install set fit put mount fix screw nail glue attach', [4, 5, 7, 8, 9, 10, 11]],
  ['build frame pour brace sister', [3, 4, 10]],
  ['run pull wire plumb route', [5]],
  ['clean wipe wash', [8, 12]],
  ['paint varnish oil prime', [9, 10, 11]],
  ['insulation seal stuff', [7, 8]],
];

/** Things as people call them, and the assembly they are. */
const OBJECTS: readonly (readonly [words: string, on: AssemblySet])[] = [
  ['floor floorboards', setOf('floor', 'floorCore')],
  ['wall', setOf('wall', 'wallCore')],
  ['ceiling', setOf('ceiling', 'ceilingCore')],
  ['window door', setOf('opening')],
  ['roof shingle', setOf('roofSkin', 'roofCore')],
  ['siding cladding', setOf('skin')],
  ['stairs', setOf('stair')],
  ['cabinet shelf', setOf('furniture')],
];

function byStem<T>(
  rows: readonly (readonly [string, T])[],
  both: (a: T, b: T) => T,
): ReadonlyMap<string, T> {
  const map = new Map<string, T>();
  for (const [words, value] of rows) {
    for (const word of words.split(' ').map(stem)) {
      const known = map.get(word);
      map.set(word, known === undefined ? value : both(known, value));
    }
  }
  return map;
}

export const ACTION_VERBS = byStem(ACTIONS, (a, b) => [...a, ...b]);
export const OBJECT_SETS = byStem(OBJECTS, (a, b) => a | b);
