import type { PlaceKind, RelationKind } from '../../house';
import { setOf, type Assembly, type AssemblySet } from '../steps/assemblies';
import type { Strength } from './rules';

/** The steps at one end: keys from `low` up to `high`, touching one of these assemblies; any when left out. */
export type End = { low: number; high: number; touching: AssemblySet | null };

/**
 * What goes first between two places that belong together: "those of the place that … before those of the other".
 * `forwards`: the place the relation is told of has the earlier step.
 */
export type JoinedCell = {
  id: string;
  relation: RelationKind;
  forwards: boolean;
  before: End;
  after: End;
  strength: Strength;
  /** A guess that nobody confirmed is usual practice, so that it can be set aside. */
  whenGuessed?: 'practice';
  /** Only where the later end is a room. */
  inside?: true;
  /** Only where the later end is a place of this kind. */
  onlyIn?: PlaceKind;
  why: string;
};

const end = (low: number, high: number, touching?: readonly Assembly[]): End => ({
  low,
  high,
  touching: touching ? setOf(...touching) : null,
});

const CARRIES = [3, 3.99] as const;

export const JOINED: readonly JoinedCell[] = [
  {
    id: 'framed-before-wrapped',
    relation: 'outside-of',
    forwards: false,
    before: end(...CARRIES, ['wallCore', 'roofCore', 'base']),
    after: end(4, 4.99, ['skin', 'opening']),
    strength: 'physics',
    why: 'A face is not wrapped before the wall behind it is framed.',
  },
  {
    id: 'through-before-siding',
    relation: 'outside-of',
    forwards: false,
    before: end(5, 5.99, ['skin']),
    after: end(8, 8.99, ['skin']),
    strength: 'practice',
    why: 'All that goes through the skin is through before the siding.',
  },
  {
    id: 'window-before-siding',
    relation: 'outside-of',
    forwards: false,
    before: end(4.3, 4.36, ['opening']),
    after: end(8.2, 8.2, ['skin']),
    strength: 'practice',
    why: 'Siding laps to windows already flashed.',
  },
  {
    id: 'wrap-before-window',
    relation: 'outside-of',
    forwards: true,
    before: end(4.2, 4.2, ['skin']),
    after: end(4.3, 4.301, ['opening']),
    strength: 'practice',
    why: 'The wrap goes on first, and the window is flashed to it.',
  },
  {
    id: 'face-dry-before-filled',
    relation: 'outside-of',
    forwards: true,
    before: end(4, 4.29, ['skin']),
    after: end(7, 8.28, ['wallCore', 'wall']),
    strength: 'physics',
    whenGuessed: 'practice',
    why: 'The weather is kept out of a wall before it is filled and closed.',
  },
  {
    id: 'room-framed-before-roof',
    relation: 'over',
    forwards: false,
    before: end(...CARRIES, ['wallCore', 'roofCore', 'base', 'ceilingCore']),
    after: end(4, 4.99, ['roofSkin']),
    strength: 'physics',
    why: 'A roof is dried in on rafters that stand.',
  },
  {
    id: 'roof-dry-before-lines',
    relation: 'over',
    inside: true,
    forwards: true,
    before: end(4, 4.26, ['roofSkin']),
    after: end(5.1, 5.99, ['wires', 'air', 'heat']),
    strength: 'practice',
    why: 'Cable and ducts come when rain stays out.',
  },
  {
    id: 'roof-dry-before-filled',
    relation: 'over',
    inside: true,
    forwards: true,
    before: end(4, 4.26, ['roofSkin']),
    after: end(7, 9.99),
    strength: 'physics',
    whenGuessed: 'practice',
    why: 'A leaking roof undoes everything below it.',
  },
  {
    id: 'through-roof-before-cover',
    relation: 'over',
    forwards: false,
    before: end(5, 5.99, ['roofSkin']),
    after: end(10, 10.99, ['roofSkin']),
    strength: 'practice',
    why: 'All that goes through the roof is flashed before its edge is finished.',
  },
  {
    id: 'deck-before-its-roof',
    relation: 'carries',
    forwards: true,
    before: end(3, 3.7),
    after: end(3.7, 4.99, ['roofCore', 'roofSkin']),
    strength: 'physics',
    why: 'A roof that lands on a deck needs that deck to stand first.',
  },
  {
    id: 'opened-below-before-floor-above',
    relation: 'below',
    forwards: true,
    before: end(2, 2.99, ['ceiling', 'wallCore']),
    after: end(3.4, 3.5, ['floorCore']),
    strength: 'practice',
    why: 'Joists are reached while the ceiling under them is down.',
  },
  {
    id: 'carried-from-below',
    relation: 'below',
    forwards: true,
    before: end(3, 3.39, ['base']),
    after: end(3.4, 3.7, ['floorCore', 'wallCore', 'ceilingCore', 'roofCore']),
    strength: 'safety',
    why: 'What carries is made good from the bottom up.',
  },
  {
    id: 'floor-opened-before-ceiling-below',
    relation: 'below',
    forwards: false,
    before: end(2, 2.99, ['floor', 'floorCore', 'furniture']),
    after: end(8, 9.99, ['ceiling', 'ceilingCore']),
    strength: 'practice',
    why: 'Tearing out above shakes and soils the ceiling below.',
  },
  {
    id: 'floor-carried-before-ceiling-below',
    relation: 'below',
    forwards: false,
    before: end(...CARRIES, ['floorCore', 'base']),
    after: end(7, 9.99, ['ceiling', 'ceilingCore']),
    strength: 'physics',
    why: 'Joists are made good before the ceiling under them is closed.',
  },
  {
    id: 'lines-above-before-ceiling-below',
    relation: 'below',
    forwards: false,
    before: end(5, 5.99, ['floorCore']),
    after: end(7, 9.99, ['ceiling', 'ceilingCore']),
    strength: 'cover-up',
    why: 'Pipes in the floor above run over this ceiling: they go in first.',
  },
  {
    id: 'visit-above-before-ceiling-below',
    relation: 'below',
    forwards: false,
    before: end(6, 6.99, ['floorCore']),
    after: end(7, 9.99, ['ceiling', 'ceilingCore']),
    strength: 'inspection',
    why: 'What runs over this ceiling is seen before the ceiling hides it.',
  },
  {
    id: 'wet-above-before-paint-below',
    relation: 'below',
    forwards: false,
    before: end(8.48, 8.8, ['floor']),
    after: end(9.2, 9.2, ['ceiling']),
    strength: 'practice',
    why: 'What is poured above drips on the ceiling below.',
  },
  {
    id: 'board-before-blown',
    relation: 'below',
    forwards: true,
    before: end(8.1, 8.12, ['ceiling']),
    after: end(8.15, 8.15),
    strength: 'physics',
    why: 'Blown insulation lies on the ceiling board.',
  },
  {
    id: 'lines-before-blown',
    relation: 'below',
    forwards: true,
    before: end(5, 6.99, ['ceilingCore', 'ceiling', 'wires', 'air']),
    after: end(8.15, 8.15),
    strength: 'cover-up',
    why: 'Cable and ducts in the attic floor lie before they are buried.',
  },
  {
    id: 'lines-before-sealed-attic',
    relation: 'below',
    forwards: true,
    onlyIn: 'attic',
    before: end(5, 6.99, ['ceilingCore', 'ceiling', 'wires', 'air']),
    after: end(7.1, 7.1),
    strength: 'practice',
    why: 'Cable and ducts leave holes in the attic floor: they are sealed after.',
  },
  {
    id: 'rooms-before-their-hall',
    relation: 'way-through',
    forwards: false,
    before: end(2, 8.99),
    after: end(9.45, 9.99, ['floor']),
    strength: 'practice',
    why: 'A hall finishes last: everything is carried through it.',
  },
  {
    id: 'floors-before-their-hall',
    relation: 'way-through',
    forwards: false,
    before: end(2, 10.3),
    after: end(11, 11.99),
    strength: 'practice',
    why: 'A hall finishes last: everything is carried through it.',
  },
  {
    id: 'levelled-before-the-run',
    relation: 'floor-runs',
    forwards: true,
    before: end(3, 8.99, ['floor', 'floorCore']),
    after: end(9.45, 9.6, ['floor']),
    strength: 'physics',
    why: 'One floor through several rooms is laid on one level ground.',
  },
  {
    id: 'ground-before-the-run',
    relation: 'floor-runs',
    forwards: false,
    before: end(3, 8.99, ['floor', 'floorCore']),
    after: end(9.45, 9.6, ['floor']),
    strength: 'physics',
    why: 'One floor through several rooms is laid on one level ground.',
  },
  {
    id: 'frame-of-shared-wall',
    relation: 'shared-wall',
    forwards: true,
    before: end(2.3, 3.99, ['wallCore', 'wall']),
    after: end(8, 9.99, ['wall']),
    strength: 'physics',
    why: 'A wall is framed before either side is closed.',
  },
  {
    id: 'frame-of-shared-wall-back',
    relation: 'shared-wall',
    forwards: false,
    before: end(2.3, 3.99, ['wallCore', 'wall']),
    after: end(8, 9.99, ['wall']),
    strength: 'physics',
    why: 'A wall is framed before either side is closed.',
  },
  {
    id: 'dry-before-break-through',
    relation: 'joins',
    forwards: true,
    before: end(3, 4.6),
    after: end(4.9, 4.9),
    strength: 'safety',
    why: 'The house is broken open only to a part that is dry and locked.',
  },
  {
    id: 'services-moved-before-building-on',
    relation: 'joins',
    forwards: false,
    before: end(2.05, 2.05),
    after: end(3, 3.99),
    strength: 'safety',
    why: 'Meter, vent and tap move before anything is built in front of them.',
  },
  {
    id: 'passing-before-covered',
    relation: 'passes',
    forwards: true,
    before: end(2.15, 6.99, ['heat', 'air', 'drains', 'water', 'wires', 'roofCore', 'stair']),
    after: end(7, 9.99, ['wall', 'ceiling', 'wallCore', 'ceilingCore']),
    strength: 'cover-up',
    why: 'What passes through is in, and seen, before it is boxed in.',
  },
];
