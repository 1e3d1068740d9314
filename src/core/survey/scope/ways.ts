import type { Decision, Element, PlaceKind } from '../../house';
import { findWork } from '../../trade/steps/works';

/**
 * How each decision on an element can be carried out: works of the library, the usual one first. What is kept
 * needs nothing unless a way is named; what nobody lists here is a job of one's own.
 */
const WAYS: Record<Element, Partial<Record<Decision, readonly string[]>>> = {
  ceiling: {
    keep: ['repaint'],
    clean: ['clean'],
    repair: ['patch-ceiling'],
    replace: ['reline-ceiling', 'reline', 'board-ceiling'],
    remove: ['strip-ceiling'],
    add: ['reline-ceiling'],
  },
  walls: {
    keep: ['repaint'],
    clean: ['clean'],
    repair: ['patch-walls'],
    replace: ['reline-walls', 'reline', 'board-walls'],
    remove: ['open-up', 'remove-partition'],
    move: ['move-wall'],
    add: ['new-wall'],
  },
  floor: {
    keep: ['sand-floor'],
    clean: ['clean'],
    repair: ['mend-floor', 'sand-floor', 'repair-floor'],
    replace: ['new-floor', 'tile-floor', 'sheet-floor', 'carpet', 'screed'],
    remove: ['strip-floor'],
    add: ['new-floor', 'tile-floor', 'sheet-floor', 'carpet'],
  },
  windows: {
    clean: ['clean'],
    repair: ['overhaul-window'],
    replace: ['window', 'change-opening'],
    remove: ['close-opening'],
    move: ['move-opening', 'change-opening'],
    add: ['window', 'change-opening'],
  },
  doors: {
    clean: ['clean'],
    repair: ['ease-door'],
    replace: ['inside-doors', 'outside-door', 'rehang-door', 'change-opening'],
    remove: ['close-opening'],
    move: ['move-opening', 'change-opening'],
    add: ['inside-doors', 'outside-door', 'change-opening'],
  },
  stairs: { clean: ['clean'], repair: ['stair-rail'], replace: ['new-stair'], add: ['new-stair'] },
  plumbing: {
    repair: ['mend-pipes'],
    replace: ['new-pipes', 'bathroom', 'kitchen', 'laundry'],
    remove: ['take-out'],
    move: ['new-pipes'],
    add: ['new-pipes', 'bathroom', 'laundry'],
  },
  heating: {
    repair: ['mend-heating'],
    replace: ['heater', 'boiler', 'heat-pump', 'stove', 'heating-pipes'],
    remove: ['take-out'],
    move: ['heater'],
    add: ['heater', 'heat-pump', 'stove', 'floor-heat'],
  },
  power: {
    repair: ['mend-power'],
    replace: ['rewire', 'panel'],
    remove: ['take-out'],
    move: ['rewire'],
    add: ['rewire'],
  },
  fixtures: {
    clean: ['clean'],
    repair: ['mend-built-ins'],
    replace: ['kitchen', 'bathroom', 'swap-bath', 'swap-kitchen', 'shelves'],
    remove: ['take-out'],
    move: ['refit'],
    add: ['shelves'],
  },
  storage: {
    clean: ['clean'],
    repair: ['mend-built-ins'],
    replace: ['shelves'],
    remove: ['take-out'],
    move: ['refit'],
    add: ['shelves'],
  },
  skin: {
    keep: ['paint-outside'],
    clean: ['clean'],
    repair: ['patch-skin', 'roof'],
    replace: ['siding', 'new-roof', 'porch', 'render', 'roof'],
    remove: ['take-out'],
  },
  drainage: {
    clean: ['clear-drains'],
    repair: ['clear-drains', 'yard'],
    replace: ['yard'],
    add: ['yard', 'regrade', 'gutters'],
  },
  chimney: { remove: ['chimney-out'] },
  stove: { remove: ['take-out'], replace: ['stove'], add: ['stove'] },
  partition: { remove: ['remove-partition'], move: ['move-wall'], add: ['new-wall'] },
  beam: { repair: ['repair-floor', 'level-lift'] },
  foundation: { repair: ['foundation-wall'], replace: ['foundation-wall'] },
  insulation: {
    replace: ['insulate-roof', 'blown-attic', 'insulate-floor', 'reline'],
    add: ['insulate-roof', 'blown-attic', 'insulate-floor', 'reline'],
  },
  ground: { repair: ['regrade'], move: ['regrade'], add: ['regrade', 'yard'] },
};

/** The works that carry out a decision in a place of this kind, the usual one first. */
export const waysFor = (element: Element, decision: Decision, kind: PlaceKind): string[] =>
  (WAYS[element][decision] ?? []).filter((id) => findWork(id)?.kinds.includes(kind));

const INSIDE: readonly Element[] = ['ceiling', 'walls', 'floor', 'windows', 'doors'];
const SERVICES: readonly Element[] = ['plumbing', 'heating', 'power'];

/** What a place of this kind may have besides: looked at where it is said to be there. */
export function extrasOf(kind: PlaceKind): Element[] {
  switch (kind) {
    case 'yard':
      return ['ground', 'foundation'];
    case 'roof':
      return ['chimney', 'insulation', 'beam'];
    case 'outside-face':
      return ['chimney', 'foundation', 'insulation', 'ground'];
    case 'porch':
      return ['beam', 'foundation', 'ground'];
    case 'cellar':
    case 'garage':
      return ['chimney', 'stove', 'partition', 'beam', 'foundation', 'insulation', 'ground'];
    default:
      return ['chimney', 'stove', 'partition', 'beam', 'insulation'];
  }
}

/** What there is to look at in a place of this kind, in the order of the walk. */
export function elementsOf(kind: PlaceKind): Element[] {
  switch (kind) {
    case 'stairs':
      return [...INSIDE, 'stairs', 'power'];
    case 'hall':
      return [...INSIDE, 'stairs', 'heating', 'power', 'storage'];
    case 'attic':
      return ['ceiling', 'walls', 'floor', 'windows', 'stairs', 'plumbing', 'power', 'storage'];
    case 'cellar':
      return [...INSIDE, 'stairs', ...SERVICES, 'storage', 'drainage'];
    case 'garage':
      return [...INSIDE, 'power', 'storage', 'skin', 'drainage'];
    case 'roof':
    case 'outside-face':
      return ['windows', 'doors', 'skin', 'drainage'];
    case 'porch':
      return ['ceiling', 'floor', 'stairs', 'power', 'skin', 'drainage'];
    case 'yard':
      return ['floor', 'power', 'drainage'];
    default:
      return [...INSIDE, ...SERVICES, 'fixtures', 'storage'];
  }
}
