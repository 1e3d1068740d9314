import type { PlaceKind, PlaceState } from '../../../house';

/** Chains that many works share. */
export const ROOMS: readonly PlaceKind[] = [
  'living',
  'kitchen',
  'dining',
  'bedroom',
  'bathroom',
  'box-room',
  'laundry',
  'hall',
  'stairs',
  'attic',
  'cellar',
  'garage',
];
export const DRY_ROOMS = ROOMS.filter((kind) => kind !== 'bathroom');
export const FACES: readonly PlaceKind[] = ['outside-face', 'porch', 'garage'];
export const INSIDE_AND_FACES: readonly PlaceKind[] = [...new Set([...ROOMS, ...FACES])];
export const EVERYWHERE: readonly PlaceKind[] = [...INSIDE_AND_FACES, 'roof', 'yard'];

/** Where something stands that can be taken out, mended or painted over. */
export const STANDING: readonly PlaceState[] = ['finished', 'becomes'];

export const LOOK = ['survey.walk', 'survey.measure'];
export const SAFE = ['safe.isolate', 'safe.dust-wall'];
export const OLD_HOUSE = ['survey.test'];
export const COMPOUND = ['board.tape', 'board.second', 'board.finish', 'board.sand'];
export const DONE = ['close.clean', 'close.punch'];
export const FINISH = ['last.caulk', 'last.coat', ...DONE];
export const PERMIT = ['permit.plans', 'permit.apply', 'final.occupancy'];
export const FRAMED = ['rough.firestop', 'hold.framing', 'final.building'];
export const PLUMB = [
  'rough.drains',
  'rough.water',
  'hold.plumbing',
  'record.walls',
  'final.plumbing',
];
export const WIRE = [
  'rough.cable',
  'hold.electric',
  'record.walls',
  'fit.devices',
  'final.electric',
];
export const AIR = ['hold.mechanical', 'record.walls', 'final.mechanical'];
export const HAUL = ['site.bin', 'demo.haul'];
/** What a lived-in house keeps usable while its only one is out. */
export const MEANWHILE_BATH = ['pieces.here', 'temp.toilet', 'temp.wash', 'site.home'];
export const MEANWHILE_KITCHEN = ['pieces.here', 'temp.kitchen', 'temp.tops', 'site.home'];
