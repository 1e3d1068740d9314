import { thatClose } from '@/core/house/closing';
import type { RoomFault } from '@/core/house/room-faults';
import type { ToMeasure } from '@/core/estimating/measuring';
import { assertNever } from '@/core/result';
import { formatLength, parseLength, type UnitSystem } from '@/core/units';
import { lengthWords } from '@/features/house/room';
import type { FieldFault } from './form';

/** What is wrong with one field, beside it. Undefined for a field nobody filled yet. */
export function faultWords(fault: FieldFault | undefined): string | undefined {
  if (!fault) return undefined;
  const text = fault.text ?? '';
  if (text.trim() === '') return undefined;
  if (fault.code === 'number') return `“${text}” is not a whole number.`;
  if (fault.code === 'degrees')
    return `“${text}” is no turn: write degrees from -180 to 180, like 100.5.`;
  if (fault.code === 'high') return 'That is not above the low side, or steeper than 24 in 12.';
  const parsed = parseLength(text);
  return parsed.ok ? 'A size has to be more than nought.' : lengthWords(parsed.error);
}

/** A room that cannot be, said so that one knows where to put the tape next. Walls and openings count from 1. */
export function roomFaultWords(fault: RoomFault, units: UnitSystem): string {
  switch (fault.code) {
    case 'not-closed': {
      const by = formatLength(fault.closing.error, units);
      const missed = `The walls do not close: the last one ends ${by} from the first corner`;
      const [first, ...others] = thatClose(fault.closing);
      if (!first) {
        const near = fault.closing.suspects.map(({ wall }) => wall + 1).join(', ');
        return `${missed}, and no single wall explains it. Check the turns, or measure a diagonal${near ? `; then measure again, likeliest first, wall ${near}` : ''}.`;
      }
      const would = `wall ${first.wall + 1} (${formatLength(first.length, units)} would close it)`;
      const or = others.map(
        ({ wall, length }) => `, or wall ${wall + 1} (${formatLength(length, units)})`,
      );
      return `${missed}. Measure again ${would}${or.join('')}.${or.length > 0 ? ' A diagonal settles which.' : ''}`;
    }
    case 'walls-cross':
      return `Wall ${fault.walls[1] + 1} crosses wall ${fault.walls[0] + 1}. Check the turns before it.`;
    case 'bad-wall':
      return `Wall ${fault.wall + 1} has no length.`;
    case 'bad-height':
      return 'The height has to be more than nought.';
    case 'no-such-wall':
      return `Opening ${fault.opening + 1} is on wall ${fault.wall + 1}, which is not there.`;
    case 'bad-opening':
      return `Opening ${fault.opening + 1} needs a width and a height.`;
    case 'opening-outside':
      return `Opening ${fault.opening + 1} reaches ${formatLength(fault.by, units)} past the ${fault.past === 'end' ? 'end of its wall' : 'ceiling'}.`;
    case 'openings-overlap':
      return `Opening ${fault.openings[1] + 1} lies over opening ${fault.openings[0] + 1} on wall ${fault.wall + 1}.`;
    case 'tray-too-wide':
      return 'The tray is set in so far that no ceiling is left inside it.';
    default:
      return assertNever(fault);
  }
}

export function toMeasureWords({ kind, missing }: ToMeasure): string {
  switch (kind) {
    case 'room':
      return 'whole room';
    case 'windows':
      return `${missing} ${missing === 1 ? 'window' : 'windows'}`;
    case 'doors':
      return `${missing} ${missing === 1 ? 'door' : 'doors'}`;
  }
}
