import { useState } from 'react';
import { View } from 'react-native';
import { daysWithout, type DaysWithout as Without } from '@/core/plan';
import { countWords, formatDate } from '@/core/units';
import type { Place } from '@/core/house';
import {
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Field, Note, Section, Slip, useKeeping } from '@/ui';

/** How long a household that stays is without its only bath or kitchen, against what it can bear. */
export function DaysWithout({ place }: { place: Place }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  if (!plan) return null;
  const rows = daysWithout(plan, project).filter(({ placeId }) => placeId === place.id);
  if (rows.length === 0) return null;
  return (
    <Section title="Days without">
      {rows.map((row) => (
        <WithoutRow key={row.of} row={row} />
      ))}
    </Section>
  );
}

function WithoutRow({ row }: { row: Without }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [days, setDays] = useState<string | null>(null);
  const [error, setError] = useState<string>();
  const keeping = useKeeping({ days });
  const save = async () => {
    const number = Number(days);
    if (
      days === null ||
      days.trim() === '' ||
      !Number.isInteger(number) ||
      number < 0 ||
      number > 365
    ) {
      setError('Give whole days, from 0 to 365.');
      return;
    }
    await keeping(
      () =>
        dispatch(
          keep(
            [{ type: 'daysWithoutAgreed', payload: { of: row.of, days: number } }],
            `${countWords(number, 'day')} without ${row.title}: kept.`,
          ),
        ),
      () => setDays(null),
    );
  };
  const stand = row.meanwhile.length > 0 ? ' A stand-in is in the plan.' : '';
  return (
    <Slip
      title={`Without ${row.title}`}
      note={`${formatDate(row.from, today)} to ${formatDate(row.to, today)}.${stand}`}
      figure={countWords(row.days, 'day')}
      figureNote={`limit ${row.limit}${row.told ? '' : ', a guess'}`}
    >
      {row.over ? (
        <Note role="alert" className="text-brick">
          Longer than you can do without. Hire part of it, ask for a day, or plan another stand-in.
        </Note>
      ) : null}
      {days === null ? (
        <Button
          look="quiet"
          className="self-start"
          label="Set the limit"
          hint={`Set the limit: without ${row.title}`}
          onPress={() => setDays(String(row.limit))}
        />
      ) : (
        <View className="flex-row flex-wrap items-end gap-2 pt-2">
          <Field
            className="w-[140px]"
            label="Days we can do without"
            inputMode="numeric"
            value={days}
            error={error}
            onChangeText={setDays}
          />
          <Button look="main" label="Keep the limit" onPress={() => void save()} />
          <Button label="Leave it" onPress={() => setDays(null)} />
        </View>
      )}
    </Slip>
  );
}
