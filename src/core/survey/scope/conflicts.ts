import type { Element, PlaceId, HouseFacts } from '../../house';
import { scopeOf, type ScopeItem } from './scope';

/**
 * What a work takes away or replaces, and what it counts on staying. A wall that goes leaves three to repaint, and a
 * roof is both mended and replaced by mistake alone.
 */
const TAKES: Record<string, readonly Element[]> = {
  reline: ['ceiling', 'walls'],
  'reline-walls': ['walls'],
  'reline-ceiling': ['ceiling'],
  'strip-ceiling': ['ceiling'],
  'strip-floor': ['floor'],
  'new-floor': ['floor'],
  'tile-floor': ['floor'],
  screed: ['floor'],
  'sheet-floor': ['floor'],
  'new-roof': ['skin'],
  render: ['skin'],
  window: ['windows'],
  'inside-doors': ['doors'],
  'new-stair': ['stairs'],
  'new-pipes': ['plumbing'],
  rewire: ['power'],
  siding: ['skin'],
};
const RELIES_ON: Record<string, readonly Element[]> = {
  repaint: ['walls'],
  'patch-walls': ['walls'],
  'patch-ceiling': ['ceiling'],
  'sand-floor': ['floor'],
  'mend-floor': ['floor'],
  'overhaul-window': ['windows'],
  'ease-door': ['doors'],
  'mend-pipes': ['plumbing'],
  'mend-power': ['power'],
  'patch-skin': ['skin'],
  roof: ['skin'],
};

/** Two works in one place of which one takes away what the other makes good. */
export type Conflict = { placeId: PlaceId; element: Element; takes: ScopeItem; relies: ScopeItem };

const shared = (takes: string, relies: string): Element | undefined =>
  (TAKES[takes] ?? []).find((element) => RELIES_ON[relies]?.includes(element));

/** Every pair of decisions that exclude each other, in walking order. Nothing is dropped because of one. */
export function conflictsOf(project: HouseFacts): Conflict[] {
  const scope = scopeOf(project);
  return scope.flatMap((takes) =>
    scope.flatMap((relies) => {
      if (takes.placeId !== relies.placeId) return [];
      const element = shared(takes.workId, relies.workId);
      return element ? [{ placeId: takes.placeId, element, takes, relies }] : [];
    }),
  );
}
