import { useState } from 'react';
import { dayLogSchema, logIdSchema } from '@/core/house';
import { formatDate } from '@/core/units';
import {
  freshId,
  keep,
  learnWords,
  limitWords,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Slips } from './Slips';
import { Strip, useDraftLine } from './Strip';
import { useLine } from './useLine';
import { useWhenRead } from './useWhenRead';

/** One line, docked on every screen: say the evening in one breath, see its slips, keep them. */
export function LogStrip() {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { text, type, takeOut } = useDraftLine('log strip');
  const [asked, setAsked] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const [limit, setLimit] = useState<string | null>(null);
  const line = useLine(text);

  const keepLine = async () => {
    if (text.trim() === '') return;
    if (line.reading.fault || line.open.length > 0 || line.entries.length === 0) {
      setAsked(true);
      return;
    }
    const { date } = line.reading;
    const id = logIdSchema.parse(dispatch(freshId()));
    const day = { id, date, line: text.trim(), entries: line.entries };
    const read = dayLogSchema.safeParse(day);
    if (!read.success) {
      setLimit(`Not kept. ${limitWords(read.error.issues[0]?.path.join('.') ?? '')}`);
      return;
    }
    setKeeping(true);
    const when = date === today ? 'today' : formatDate(date, today);
    const kept = await dispatch(keep([{ type: 'dayLogged', payload: day }], `Kept for ${when}.`));
    if (kept && takeOut(text)) line.reset();
    setKeeping(false);
  };
  const keepWhenRead = useWhenRead(keeping || line.isBehind, keepLine);

  return (
    <Strip
      label="Say your evening"
      placeholder="Say your evening: 2h30 me, taping…"
      text={text}
      refusal={limit ?? (asked ? whyNotKept(line) : null)}
      onType={(next) => {
        type(next);
        setAsked(false);
        setLimit(null);
      }}
      onKeep={keepWhenRead}
      onFocus={() => dispatch(learnWords())}
    >
      <Slips line={line} />
    </Strip>
  );
}

function whyNotKept({ reading, open, entries }: ReturnType<typeof useLine>): string | null {
  if (reading.fault) return 'Not kept yet: put the day right first.';
  if (open.length > 0) return 'Not kept yet: answer the question, or leave that part out.';
  return entries.length === 0 ? 'Not kept: nothing is left of the line.' : null;
}
