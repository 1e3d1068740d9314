import { useCallback, useEffect, useState } from 'react';
import { View } from 'react-native';
import { sayEvent, thingsIn, type Names } from '@/core/journal/history';
import type { JournalEvent } from '@/core/journal';
import { takenBackBy, type MergeConflict, type Settling } from '@/core/journal/merge';
import { areasOf, shapeOf } from '@/core/house';
import { formatArea, formatLength } from '@/core/units';
import { useNames } from '@/features/history';
import { selectProject, selectSession, useAppDispatch, useAppSelector } from '@/store';
import { letBothStand, readOpenMeetings } from '@/store/bring-in';
import { readHistory, takeBack } from '@/store/history';
import { Button, Note, Section, Strong } from '@/ui';

const TITLES: Record<MergeConflict['kind'], string> = {
  differs: 'Said in two ways',
  agrees: 'Said on both',
  'same-evening': 'Perhaps one evening, told twice',
  'same-place': 'Perhaps one room, added twice',
};

/** What both phones spoke of: one word is chosen, or both are let stand. */
export function SettleCard() {
  const dispatch = useAppDispatch();
  const { revision } = useAppSelector(selectSession);
  const plain = useNames();
  const [open, setOpen] = useState<{ conflicts: MergeConflict[]; names: Names } | null>(null);
  const read = useCallback(async () => {
    const conflicts = await dispatch(readOpenMeetings());
    const { events } = await dispatch(readHistory());
    return { conflicts, names: { ...plain, thing: thingsIn(events, plain) } };
  }, [dispatch, plain]);
  useEffect(() => {
    let gone = false;
    void read().then((found) => {
      if (!gone) setOpen(found);
    });
    return () => {
      gone = true;
    };
  }, [read, revision]);
  const settle = async (conflict: MergeConflict, settling: Settling) => {
    const events = takenBackBy(conflict, settling);
    if (settling === 'both') await dispatch(letBothStand(conflict));
    else {
      const chosen = settling === 'mine' ? 'this phone' : 'the other phone';
      await dispatch(takeBack({ events }, `Settled: ${chosen} was right.`));
    }
    setOpen(await read());
  };
  if (!open || open.conflicts.length === 0) return null;
  return (
    <Section title="To settle between the phones" sum={String(open.conflicts.length)}>
      {open.conflicts.map((conflict) => (
        <One
          key={conflict.mine.map(({ id }) => id).join()}
          conflict={conflict}
          names={open.names}
          onSettle={(settling) => void settle(conflict, settling)}
        />
      ))}
    </Section>
  );
}

function One({
  conflict,
  names,
  onSettle,
}: {
  conflict: MergeConflict;
  names: Names;
  onSettle: (settling: Settling) => void;
}) {
  const { units } = useAppSelector(selectProject);
  const { kind, mine, theirs, stands } = conflict;
  const said = (events: readonly JournalEvent[]) =>
    events.map((event) =>
      [sayEvent(event, names), detailOf(event, units)].filter(Boolean).join(': '),
    );
  const name = said(mine).at(-1) ?? '';
  return (
    <View role="group" aria-label={name} className="gap-1 border-b border-line pb-2">
      <Strong>{TITLES[kind]}</Strong>
      <Note>{`Here: ${said(mine).join('; ')}${stands === 'mine' ? ' (stands now)' : ''}`}</Note>
      <Note>
        {`On the other phone: ${said(theirs).join('; ')}${stands === 'theirs' ? ' (stands now)' : ''}`}
      </Note>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="This phone is right"
          hint={`This phone is right: ${name}`}
          onPress={() => onSettle('mine')}
        />
        <Button
          label="The other is right"
          hint={`The other is right: ${name}`}
          onPress={() => onSettle('theirs')}
        />
        <Button
          look="quiet"
          label={stands === null ? 'Both are true' : 'Leave it as it stands'}
          hint={`Leave both: ${name}`}
          onPress={() => onSettle('both')}
        />
      </View>
    </View>
  );
}

/** What tells two words of one kind apart, where their first line does not. */
function detailOf({ type, payload }: JournalEvent, units: 'imperial' | 'metric'): string {
  if (type !== 'roomMeasured' && type !== 'placeAdded' && type !== 'placeCorrected') return '';
  const sides = payload.walls.map(({ length }) => formatLength(length, units)).join(', ');
  const shape = shapeOf(payload as Parameters<typeof shapeOf>[0]);
  return `${sides}; floor ${formatArea(areasOf(shape).floor, units)}`;
}
