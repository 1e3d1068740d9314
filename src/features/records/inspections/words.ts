import { GATE_NAMES } from '@/core/planning/explanation';
import type { InspectionStatus } from '@/core/records/inspections';
import { countWords, formatDate, type PlainDate } from '@/core/units';

/** "Passed Tue 3 Mar", "Call by Thu 12 Mar for Tue 17 Mar". */
export function statusWords(
  { state, callOn, visitOn }: InspectionStatus,
  today: PlainDate,
): string {
  const day = formatDate(visitOn, today);
  switch (state) {
    case 'passed':
      return `Passed ${day}`;
    case 'booked':
      return visitOn === today ? 'Booked for today' : `Booked for ${day}`;
    case 'failed':
      return 'It did not pass: put it right, then call again';
    case 'to-call':
    case 'later':
      return callOn === today
        ? `Call today for ${day}`
        : `Call by ${callOn ? formatDate(callOn, today) : day} for ${day}`;
  }
}

/** "If it fails: “Sleep here” 4 days later", as planned. */
export function ifFailedWords({ state, ifFailed }: InspectionStatus): string {
  if (state === 'passed') return '';
  if (ifFailed.length === 0) return 'A fail would move no gate, as planned.';
  const moves = ifFailed.map(
    ({ gate, days }) => `“${GATE_NAMES[gate]}” by ${countWords(days, 'day')}`,
  );
  return `A fail would move ${moves.join(', ')}, as planned.`;
}

const NAMED = 4;

/** The first few by name, the rest by their number. */
export function someOf(names: readonly string[]): string {
  const unique = [...new Set(names)];
  const more = unique.length > NAMED ? `, ${unique.length - NAMED} more` : '';
  return unique.slice(0, NAMED).join(', ') + more;
}
