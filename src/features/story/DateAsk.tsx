import { useState } from 'react';
import { View } from 'react-native';
import { parseDay } from '@/core/evening/fields';
import { addDays, formatDate, type PlainDate } from '@/core/units';
import { selectProject, selectToday, selectWays, useAppSelector } from '@/store';
import { Button, Field, Note } from '@/ui';

/** Asks on which day something was done: today and yesterday are one tap, any other is typed. */
export function DateAsk({
  question,
  onDate,
  onCancel,
}: {
  question: string;
  onDate: (date: PlainDate) => void;
  onCancel: () => void;
}) {
  const today = useAppSelector(selectToday);
  const { dateOrder } = useAppSelector(selectWays);
  const { firstDay } = useAppSelector(selectProject).house;
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const tryTyped = () => {
    const date = parseDay(text, today, dateOrder);
    if (!date) setError(`“${text}” is not a day. Write 14 Mar, Sat or 2026-03-14.`);
    else if (date > today) setError(`${formatDate(date, today)} has not come yet.`);
    else if (date < firstDay)
      setError(`That is before the first day, ${formatDate(firstDay, today)}.`);
    else onDate(date);
  };
  const yesterday = addDays(today, -1);
  return (
    <View role="group" aria-label={question} className="gap-2 py-2">
      <Note className="text-ink">{question}</Note>
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label={`Today, ${formatDate(today)}`} onPress={() => onDate(today)} />
        {yesterday >= firstDay ? (
          <Button label="Yesterday" onPress={() => onDate(yesterday)} />
        ) : null}
        <Button look="quiet" label="Not yet" onPress={onCancel} />
      </View>
      <View className="flex-row items-end gap-2">
        <Field
          className="flex-1"
          label="Another day"
          placeholder="14 Mar"
          value={text}
          error={error}
          onChangeText={(next) => {
            setText(next);
            setError(undefined);
          }}
          onSubmitEditing={tryTyped}
        />
        <Button label="Use it" onPress={tryTyped} disabled={text.trim() === ''} />
      </View>
    </View>
  );
}
