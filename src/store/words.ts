import type { KeepingFault } from '../core/journal';
import type { Lost } from './session';

export const NOT_KEPT =
  'Not kept: the device has no room left or refuses to write. Nothing changed. Export the house under Share, make room, and try again.';

/** Why this tab may not write any more, and what to do. What was typed stays where it is. */
export function lostWords(lost: Lost): string {
  switch (lost) {
    case 'replaced':
      return 'Not kept: this house was replaced in another tab. What you typed is still here; open the house as it is now and keep it there.';
    case 'removed':
      return 'Not kept: this house was taken off the device in another tab. What you typed is still here; copy it if you need it.';
    case 'newer':
      return 'Not kept: a newer Fresh Porch has written to this house. Load this page anew; what you typed is still here then.';
  }
}

/** The trade's names for fields that have limits; the last part of a fault's path. */
const FIELDS: Record<string, string> = {
  minutes: 'Hours',
  thousandths: 'The quantity',
  cents: 'The amount',
  text: 'The text',
  line: 'The line',
  what: 'The name',
  because: 'The reason',
  length: 'A length',
  height: 'A height',
  name: 'The name',
};

/** Why something could not be read back, or speaks of something that is gone. */
export function faultWords(fault: KeepingFault): string {
  if (fault.code === 'gone') {
    return 'Not kept: what this is about is no longer in the house; another tab may have removed it. What you typed is still here.';
  }
  const field = fault.path.split('.').findLast((part) => part in FIELDS);
  const about = field === undefined ? 'Something in it' : (FIELDS[field] ?? field);
  return `Not kept: ${about} is beyond what can be kept (${fault.reason}). Nothing changed; put it right and keep it again.`;
}
