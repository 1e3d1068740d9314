import { useDeferredValue, useMemo, useState } from 'react';
import type { Answer, DayLog } from '@/core/house';
import type { Reading } from '@/core/log/reader';
import { useAppSelector } from '@/store';
import type { LineReader } from './reader';

const NO_ANSWERS: readonly Answer[] = [];
const NOTHING_READ: Reading | null = null;
const noContext = () => null;

/**
 * A line being typed: what it would make, what it asks, and what was answered so far. `reader` comes behind the first
 * screen; until then nothing is read.
 */
export function useLine(
  line: string,
  reader: LineReader | null,
  { day, kept = NO_ANSWERS }: { day?: DayLog; kept?: readonly Answer[] } = {},
) {
  // Letters show at once; what they mean follows, and may lag a key or two behind on a slow phone.
  const said = useDeferredValue(line);
  const isBlank = said.trim() === '';
  // A house's words are learned once something is typed, not whenever its plan changes.
  const context = useAppSelector(reader && !isBlank ? reader.selectContext : noContext);
  const [answers, setAnswers] = useState<readonly Answer[]>(kept);
  const reading = useMemo(() => {
    if (!reader || !context) return NOTHING_READ;
    // "Yesterday" in a line of long ago is the day before it was said.
    const saidOn = day ? reader.saidOnOf(day, context) : context.today;
    return reader.readLine(said, context, day?.date, answers, saidOn);
  }, [reader, said, context, day, answers]);
  const settled = useMemo(
    () => (reader && reading ? reader.settle(reading) : null),
    [reader, reading],
  );
  return {
    said,
    reading,
    context,
    /** Whether what is shown was read from an older state of the line. */
    isBehind: said !== line || (reader === null && !isBlank),
    entries: settled?.entries ?? [],
    open: settled?.open ?? [],
    answers,
    /** Puts one slot of a statement as the owner wants it; the later word of two stands. */
    answer: (answer: Answer) =>
      setAnswers((before) => [
        ...before.filter((one) => one.slot !== answer.slot || one.about !== answer.about),
        answer,
      ]),
    /** Opens a slot again. */
    reopen: (about: string, slot: string) =>
      setAnswers((before) => before.filter((one) => one.about !== about || one.slot !== slot)),
    reset: () => setAnswers([]),
  };
}

export type Line = ReturnType<typeof useLine>;
