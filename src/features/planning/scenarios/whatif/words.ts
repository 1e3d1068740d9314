import { GATE_NAMES } from '@/core/planning/explanation';
import {
  countWords,
  daysBetween,
  formatDate,
  formatMinutes,
  formatMoney,
  type Currency,
  type PlainDate,
} from '@/core/units';
import type { Missed, Moved, Side, WhatIf } from '@/core/planning/scenarios/whatif/schema';

/** One line of the side by side: what, as it stands, as it would be, and the difference. */
export type Line = { name: string; before: string; after: string; differs: boolean };

function gateLine(
  gate: keyof typeof GATE_NAMES,
  { before, after }: WhatIf,
  today: PlainDate,
): Line {
  const say = (side: Side): string => {
    const { likely, fairlySafe } = side.gates[gate];
    if (!likely || !fairlySafe) return 'nothing left';
    return `likely ${formatDate(likely, today)}, fairly safe ${formatDate(fairlySafe, today)}`;
  };
  const [one, other] = [say(before), say(after)];
  return { name: GATE_NAMES[gate], before: one, after: other, differs: one !== other };
}

/** The facts of both sides, those that stay the same too. */
export function linesOf(whatIf: WhatIf, today: PlainDate, currency: Currency): Line[] {
  const line = (name: string, say: (side: Side) => string): Line => {
    const [before, after] = [say(whatIf.before), say(whatIf.after)];
    return { name, before, after, differs: before !== after };
  };
  return [
    gateLine('sleep', whatIf, today),
    gateLine('live', whatIf, today),
    gateLine('done', whatIf, today),
    line('Your hours left', ({ ownMinutes }) => formatMinutes(ownMinutes)),
    line('Money still to spend', ({ moneyLeft }) => formatMoney(moneyLeft, currency)),
    line('Changes of room within a day', ({ roomChanges }) => countWords(roomChanges, 'change')),
    line('Days rooms stand finished before the house', ({ roomFreeDays }) =>
      countWords(roomFreeDays, 'day'),
    ),
  ];
}

/** The answer in one line, for the ear: the likely days, which stand in the table with their doubt. */
export function answerWords({ before, after, movedCount }: WhatIf): string {
  const gate = (id: keyof typeof GATE_NAMES): string[] => {
    const [from, to] = [before.gates[id].likely, after.gates[id].likely];
    const days = from && to ? daysBetween(from, to) : 0;
    if (days === 0) return [];
    return [
      `${GATE_NAMES[id].toLowerCase()} ${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'}`,
    ];
  };
  const gates = [...gate('sleep'), ...gate('live'), ...gate('done')];
  const jobs =
    movedCount === 0
      ? 'no job moves'
      : `${countWords(movedCount, 'job')} ${movedCount === 1 ? 'moves' : 'move'}`;
  return `The plan repairs itself: ${gates.length > 0 ? gates.join(', ') : 'no difference at a gate that can be told'}; ${jobs}.`;
}

export function movedWords({ before, after, days }: Moved, today: PlainDate): string {
  if (!before) return `new, ${after ? formatDate(after, today) : ''}`;
  if (!after) return 'gone';
  const by = `${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'}`;
  return `${formatDate(before, today)} → ${formatDate(after, today)}, ${by}`;
}

export const missedWords = ({ by, finish, daysLate }: Missed, today: PlainDate): string =>
  `By ${formatDate(by, today)} it cannot be: the soonest is ${formatDate(finish, today)}, ${countWords(daysLate, 'day')} later.`;
