import type { PlaceKind } from '../../../house';

/** What people call a kind of place, whatever its name; counts where the house has one of the kind. */
export const KIND_NAMES: Readonly<Partial<Record<PlaceKind, string>>> = {
  living: 'lounge living parlor parlour',
  kitchen: 'kitchen',
  dining: 'dining',
  bathroom: 'bath bathroom washroom',
  bedroom: 'bedroom',
  laundry: 'laundry utility scullery',
  hall: 'hallway corridor entry entrance passage hall landing',
  stairs: 'staircase stairwell stairs',
  attic: 'attic loft',
  cellar: 'cellar basement',
  garage: 'garage',
  porch: 'porch veranda',
  roof: 'roof',
  yard: 'yard garden',
};

/** Words of a name that by themselves point nowhere. */
export const GENERIC = new Set(
  'room house floor wall front back rear side big small little large main upper lower old new north south east west face left right first second kids'.split(
    ' ',
  ),
);
