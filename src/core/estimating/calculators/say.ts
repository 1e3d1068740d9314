import { thatClose } from '../../house/closing';
import type { RoomFault } from '../../house/room-faults';
import { assertNever } from '../../result';
import { formatLength, type LengthError, type UnitSystem } from '../../units';
import type { FieldError } from './field';
import { sayLength } from './line';
import type { RequestError } from './request';
import type { CalculatorError } from './calculator';

/** Where something is wrong, and what: `room.walls.2.length` and a reason with the way out. */
export type Fault = { path: string; reason: string };

const ECHOED = 40;
/** What was typed, no longer than one reads. */
const short = (text: string): string => (text.length > ECHOED ? `${text.slice(0, ECHOED)}…` : text);

function sayLengthError(error: LengthError): string {
  switch (error.code) {
    case 'empty':
      return 'missing; write it like 12\' 3 1/2" or 3.74 m';
    case 'no-unit':
      return `${short(error.text)} of what? Write ${short(error.text)}", ${short(error.text)}' or ${short(error.text)} m`;
    case 'zero-fraction':
      return `"${short(error.text)}" divides by nought`;
    case 'unreadable':
      return `"${short(error.text)}" is not a length; write it like 12' 3 1/2" or 3.74 m`;
  }
}

/** What is wrong with a field, in words that say what it takes. */
export function sayFieldError(error: FieldError): string {
  switch (error.code) {
    case 'length':
      return sayLengthError(error.error);
    case 'not-text':
      return 'missing or not a text; write it like 12\' 3 1/2" or 3.74 m';
    case 'not-positive':
      return 'must be more than nought';
    case 'too-long':
      return `is longer than any house: ${formatLength(error.longest, 'imperial')} or ${formatLength(error.longest, 'metric')} at most`;
    case 'too-many':
      return `has more than ${error.most} lengths; give those of one wall or room`;
    case 'not-a-number':
      return 'is not a number';
    case 'not-whole':
      return 'must be a whole number';
    case 'out-of-range':
      return `must be from ${error.least} to ${error.most}`;
    case 'not-an-option':
      return `is none of ${error.options.join(', ')}`;
    case 'not-yes-or-no':
      return 'must be true or false';
  }
}

/** A fault of a room in words, walls and openings numbered as in the list, from 0. */
function sayRoomFault(fault: RoomFault, units: UnitSystem): Fault {
  switch (fault.code) {
    case 'not-closed': {
      const { suspects } = fault.closing;
      const [first, ...others] = thatClose(fault.closing);
      const nearest = suspects.map(({ wall }) => `wall ${wall}`).join(', ');
      const likely = first
        ? `; wall ${first.wall} is likely wrong, ${sayLength(first.length, units)} would close it${others.map(({ wall, length }) => `, or wall ${wall} with ${sayLength(length, units)}`).join('')}`
        : fault.closing.turnsMissing !== 0
          ? `; the turns miss 360 degrees by ${fault.closing.turnsMissing}`
          : nearest
            ? `; no single wall closes it, measure a diagonal; the likeliest wrong come first: ${nearest}`
            : '; no single wall explains it, measure a diagonal';
      return {
        path: 'room.walls',
        reason: `do not close: the last wall ends ${sayLength(fault.closing.error, units)} from corner ${fault.closing.corner}${likely}`,
      };
    }
    case 'walls-cross':
      return {
        path: `room.walls.${fault.walls[1]}`,
        reason: `crosses wall ${fault.walls[0]}; check the turns`,
      };
    case 'bad-wall':
      return { path: `room.walls.${fault.wall}.length`, reason: 'must be more than nought' };
    case 'bad-height':
      return { path: 'room.height', reason: 'must be more than nought' };
    case 'no-such-wall':
      return {
        path: `room.openings.${fault.opening}.wall`,
        reason: `there is no wall ${fault.wall}`,
      };
    case 'bad-opening':
      return {
        path: `room.openings.${fault.opening}`,
        reason: 'needs a width and a height of more than nought',
      };
    case 'opening-outside':
      return {
        path: `room.openings.${fault.opening}`,
        reason: `reaches ${sayLength(fault.by, units)} past the ${fault.past === 'end' ? 'end of its wall' : 'ceiling'}`,
      };
    case 'openings-overlap':
      return {
        path: `room.openings.${fault.openings[1]}`,
        reason: `lies over opening ${fault.openings[0]} on wall ${fault.wall}`,
      };
    case 'tray-too-wide':
      return { path: 'room.ceiling.inset', reason: 'leaves no ceiling inside the tray' };
    default:
      return assertNever(fault);
  }
}

/** What keeps a sum from being worked out: the field and the reason. */
export function saySumError(error: CalculatorError): Fault {
  switch (error.code) {
    case 'unknown-sum':
      return {
        path: 'kind',
        reason: error.kind === '' ? 'missing' : `"${short(error.kind)}" is no finish we know`,
      };
    case 'unknown-field':
      return { path: short(error.field), reason: 'is no field of this finish' };
    case 'bad-field':
      return { path: error.field, reason: sayFieldError(error.error) };
    case 'needs':
      return { path: '', reason: `needs ${error.what}` };
    case 'impossible':
      return { path: error.field, reason: error.why };
  }
}

/** What is wrong with a request from outside: the path and the reason. */
export function sayRequestError(error: RequestError, units: UnitSystem): Fault {
  switch (error.code) {
    case 'not-json':
      return { path: 'input', reason: 'not JSON' };
    case 'shape':
      return { path: error.path || 'input', reason: error.reason };
    case 'length':
      return { path: error.path, reason: sayFieldError(error.error) };
    case 'pitch':
      return {
        path: error.path,
        reason: 'makes no roof; write a rise from above 0 to 24 in 12, like 6/12',
      };
    case 'room':
      return sayRoomFault(error.fault, units);
    case 'finish': {
      const { path, reason } = saySumError(error.error);
      return { path: path === '' ? 'finish' : `finish.${path}`, reason };
    }
  }
}
