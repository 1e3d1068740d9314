import { useDeferredValue, useMemo, useState } from 'react';
import type { Entry } from '@/core/house';
import { readLine, settle } from '@/core/log';
import type { PlainDate } from '@/core/units';
import { selectBlankContext, selectLogContext, useAppSelector } from '@/store';

type MoneyChange = Partial<Pick<Extract<Entry, { kind: 'money' }>, 'spend' | 'drawsOn'>>;

/** A line being typed: what it would make, what it asks, and the choices made so far. */
export function useLine(line: string, dayUnlessSaid?: PlainDate) {
  // Letters show at once; what they mean follows, and may lag a key or two behind on a slow phone.
  const said = useDeferredValue(line);
  // A house's words are learned once something is typed, not whenever its plan changes.
  const isBlank = said.trim() === '';
  const context = useAppSelector(isBlank ? selectBlankContext : selectLogContext);
  const [answers, setAnswers] = useState<Record<string, number>>({});
  const [changes, setChanges] = useState<Record<string, MoneyChange>>({});
  const reading = useMemo(
    () => readLine(said, context, dayUnlessSaid),
    [said, context, dayUnlessSaid],
  );
  const settled = useMemo(() => settle(reading, answers), [reading, answers]);
  const entries = useMemo(
    () =>
      settled.entries.map((entry) =>
        entry.kind === 'money' ? { ...entry, ...changes[entry.what] } : entry,
      ),
    [settled, changes],
  );
  return {
    reading,
    /** Whether what is shown was read from an older state of the line. */
    isBehind: said !== line,
    entries,
    open: settled.open,
    answer: (questionId: string, choice: number) =>
      setAnswers((before) => ({ ...before, [questionId]: choice })),
    /** Changes to a receipt are remembered by what was bought, while the rest of the line is typed. */
    changeMoney: (what: string, change: MoneyChange) =>
      setChanges((before) => ({ ...before, [what]: { ...before[what], ...change } })),
    reset: () => {
      setAnswers({});
      setChanges({});
    },
  };
}

export type Line = ReturnType<typeof useLine>;
