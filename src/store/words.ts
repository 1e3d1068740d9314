import type { KeepingFault } from '../core/journal';
import type { GateId } from '../core/trade/steps';
import { countWords } from '../core/units';
import type { Lost } from './session';

export const NOT_KEPT =
  'Not kept: the device has no room left or refuses to write. Nothing changed. Export the house under Share, make room, and try again.';

const GATES: Record<GateId, string> = {
  sleep: 'the first night',
  live: 'living there',
  done: 'the end',
};

/** What a better order of the same jobs brings nearer: gates, or only what somebody outside the house waits for. */
export function betterWords(sooner: readonly { gate: GateId; days: number }[]): string {
  const gates = sooner.map(({ gate, days }) => `${GATES[gate]} ${countWords(days, 'day')} sooner`);
  const brings = gates.join(', ') || 'a date set from outside is missed by less';
  return `A better order of the same jobs was found: ${brings}. The plan follows it now.`;
}

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

/** How much one field holds, by the last named part of a fault's path: more than anybody can mean. */
const LIMITS: Record<string, string> = {
  minutes: 'Hours: one entry holds at most a year, 366 days of 24 hours.',
  thousandths: 'The quantity: at most a billion.',
  count: 'The count: from 1 to 99.',
  units: 'The count: from 1 to 100,000.',
  cents: 'The amount: at most ten thousand million.',
  text: 'The words: at most 10,000 letters.',
  line: 'The line: at most 10,000 letters.',
  what: 'The name: at most 10,000 letters.',
  because: 'The reason: at most 10,000 letters.',
  reason: 'The reason: at most 10,000 letters.',
  note: 'The note: at most 10,000 letters.',
  name: 'The name: at most 80 letters.',
  entries: 'The line: at most 1,000 entries.',
  shares: 'The receipt: split over at most 200 rooms.',
  walls: 'The walls: 3 to 200 of them, 1,000 m round at most.',
  length: 'The length: up to 300 m.',
  height: 'The height: up to 30 m.',
  date: 'The day: from 1900 to 2299.',
  on: 'The day: from 1900 to 2299.',
};

/** The limit that something passed, for whoever stands at the field. */
export function limitWords(path: string): string {
  const field = path.split('.').findLast((part) => Object.hasOwn(LIMITS, part));
  return (field && LIMITS[field]) || 'Something in it is more than can be kept.';
}

/** Why something could not be read back, or speaks of something that is gone. */
export function faultWords(fault: KeepingFault): string {
  if (fault.code === 'gone') {
    return 'Not kept: what this is about is no longer in the house; another tab may have removed it. What you typed is still here.';
  }
  return `Not kept. ${limitWords(fault.path)} Nothing changed; put it right and keep it again.`;
}
