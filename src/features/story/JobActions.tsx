import { useState } from 'react';
import { View } from 'react-native';
import type { PlannedJob } from '@/core/plan';
import { formatDate, type PlainDate } from '@/core/units';
import { keep, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, Field, useKeeping } from '@/ui';
import { DateAsk } from './DateAsk';

/** What can be said of a job without a log line: that it is done, or how a visit went. */
export function JobActions({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState<'passed' | 'failed' | 'done' | null>(null);
  const [note, setNote] = useState('');
  const keeping = useKeeping({ asking, note });
  if (job.doneOn !== null) return null;
  const visit = job.work.kind === 'hold';
  const say = async (on: PlainDate) => {
    const kept = () =>
      asking === 'passed' || asking === 'failed'
        ? dispatch(
            keep(
              [
                {
                  type: 'inspectionHeld',
                  payload: { jobId: job.id, on, result: asking, note: note.trim() || null },
                },
              ],
              `${job.title}: ${asking} on ${formatDate(on, today)}.`,
            ),
          )
        : dispatch(
            keep(
              [{ type: 'jobTicked', payload: { jobId: job.id, on } }],
              `${job.title}: done on ${formatDate(on, today)}.`,
            ),
          );
    await keeping(kept, () => setAsking(null));
  };
  if (asking) {
    return (
      <View className="gap-2">
        {asking === 'failed' ? (
          <Field
            label="What has to be put right"
            value={note}
            onChangeText={setNote}
            placeholder="two boxes over-filled"
          />
        ) : null}
        <DateAsk
          question={visit ? 'On which day was the visit?' : 'On which day was it done?'}
          onDate={(on) => void say(on)}
          onCancel={() => setAsking(null)}
        />
      </View>
    );
  }
  return (
    <View className="flex-row flex-wrap gap-2">
      {visit ? (
        <>
          <Button look="main" label="It passed" onPress={() => setAsking('passed')} />
          <Button look="danger" label="It did not pass" onPress={() => setAsking('failed')} />
        </>
      ) : (
        <Button
          look="main"
          label="Mark it done"
          hint={`Mark done: ${job.title}`}
          onPress={() => setAsking('done')}
        />
      )}
    </View>
  );
}
