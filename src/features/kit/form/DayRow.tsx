import { useContext } from 'react';
import { useFormContext } from 'react-hook-form';
import { View } from 'react-native';
import { addDays, formatDate } from '@/core/units';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { Button } from '@/ui';
import { SubmitContext } from './context';
import { TextField } from './fields';

/** Closes a form by the day it is about: today and yesterday are one tap, any other is typed. */
export function DayRow({ name = 'on' }: { name?: string }) {
  const { setValue } = useFormContext();
  const { submit, leave } = useContext(SubmitContext);
  const today = useAppSelector(selectToday);
  const { firstDay } = useAppSelector(selectProject).house;
  const yesterday = addDays(today, -1);
  const close = (day: string) => {
    setValue(name, day);
    submit();
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label={`Today, ${formatDate(today)}`} onPress={() => close(today)} />
        {yesterday >= firstDay ? (
          <Button label="Yesterday" onPress={() => close(yesterday)} />
        ) : null}
        {leave ? <Button look="quiet" label="Not yet" onPress={leave} /> : null}
      </View>
      <View className="flex-row items-end gap-2">
        <TextField name={name} className="flex-1" label="Another day" placeholder="14 Mar" />
        <Button label="Use it" onPress={submit} />
      </View>
    </View>
  );
}
