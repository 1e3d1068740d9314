import { useState } from 'react';
import { View } from 'react-native';
import { broughtAnew } from '@/core/log/reader/brought-anew';
import type { DayLog, Project } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { freshId, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { readHistory } from '@/store/history';
import { Button, Field, Small, useKeeping } from '@/ui';
import { useLine, useWhenRead } from '@/features/log/strip';
import { lineReader } from './reading';

/**
 * Puts a line right: the same reading as in the strip, with what was answered before, on the line's own day unless it
 * names another.
 */
export function LineEditor({
  line: said,
  day,
  action = 'Keep the change',
  onKeep,
  onClose,
}: {
  line: string;
  /** The kept line it is. */
  day?: DayLog;
  action?: string;
  /** Answers whether it was kept; `events` are what the line brings beside itself. */
  onKeep: (read: Omit<DayLog, 'id'>, events: readonly EventBodyOf[]) => Promise<boolean>;
  onClose: () => void;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const [text, setText] = useState(said);
  const [asked, setAsked] = useState(false);
  const line = useLine(text, lineReader, { day, kept: day?.answers });
  const keeping = useKeeping(text);
  const save = async () => {
    const { reading, open, entries } = line;
    if (!reading || reading.fault || open.length > 0 || entries.length === 0) {
      setAsked(true);
      return;
    }
    const { date } = reading;
    const newId = () => dispatch(freshId());
    const bringsTo = (house: Project) =>
      lineReader.eventsOf(entries, line.answers, house, newId, date);
    const { events: all } = await dispatch(readHistory());
    const brought = (day && broughtAnew(all, day, entries, bringsTo)) ?? bringsTo(project);
    const read = {
      date,
      line: text.trim(),
      entries: brought.entries,
      ...(day?.saidOn ? { saidOn: day.saidOn } : {}),
      ...(brought.answers.length > 0 ? { answers: [...brought.answers] } : {}),
    };
    await keeping(() => onKeep(read, brought.events), onClose);
  };
  const saveWhenRead = useWhenRead(line.isBehind, save);
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Field label="The line" value={text} onChangeText={setText} onSubmitEditing={saveWhenRead} />
      <lineReader.Slips line={line} />
      {asked ? (
        <Small role="alert" className="text-brick">
          Not kept yet: answer what is open or put the day right.
        </Small>
      ) : null}
      <View className="flex-row gap-2">
        <Button look="main" label={action} onPress={saveWhenRead} />
        <Button label="Leave as it was" onPress={onClose} />
      </View>
    </View>
  );
}
