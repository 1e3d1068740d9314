import type { PlaceKind, SizeError } from '@/core/house';
import type { LengthError } from '@/core/units';

export const KIND_NAMES: Record<PlaceKind, string> = {
  living: 'Living room',
  kitchen: 'Kitchen',
  dining: 'Dining room',
  bedroom: 'Bedroom',
  bathroom: 'Bathroom',
  'box-room': 'Box room',
  laundry: 'Laundry',
  hall: 'Hall',
  stairs: 'Stairs',
  attic: 'Attic',
  cellar: 'Cellar',
  garage: 'Garage',
  porch: 'Porch',
  roof: 'Roof',
  'outside-face': 'Outside face',
  yard: 'Yard',
};

export const FLOOR_NAMES: readonly { value: string; label: string }[] = [
  { value: '-1', label: 'Cellar' },
  { value: '0', label: 'Ground' },
  { value: '1', label: 'First up' },
  { value: '2', label: 'Second up' },
  { value: '3', label: 'Third up' },
];

export function lengthWords(error: LengthError): string {
  switch (error.code) {
    case 'empty':
      return 'Give the size, such as 12\' 3 1/2" or 3.74 m.';
    case 'no-unit':
      return `${error.text} what? Write ${error.text}' or ${error.text}" or ${error.text} m.`;
    case 'zero-fraction':
      return `“${error.text}” divides by nought. Write the fraction again, such as 1/2.`;
    case 'unreadable':
      return `“${error.text}” is not a length. Write it like 12' 3 1/2", 147.5", 3.74 m or 374 cm.`;
  }
}

export function sizeWords(error: SizeError): string {
  switch (error.code) {
    case 'not-positive':
      return 'A size has to be more than nought.';
    case 'too-small':
      return 'That is under 6 inches (15 cm). Check the unit.';
    case 'too-large':
      return 'That is over 300 ft (91 m). Check the unit.';
  }
}
