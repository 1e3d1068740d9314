import { useState } from 'react';
import { View } from 'react-native';
import { surveyIdOf, type Survey } from '@/core/house';
import { openRisks } from '@/core/risk';
import { worksFor } from '@/core/steps/works';
import { formatDate, type PlainDate } from '@/core/units';
import { DateAsk } from '@/features/story';
import { SUSPICION_NAMES } from '@/features/survey';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, Choice, Field, Note, Strong } from '@/ui';

const NO_WORK = 'none';

/** Opening up answers a suspicion: nothing there, or a find with a work of its own. */
export function Settle({ survey }: { survey: Survey }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [answer, setAnswer] = useState<'nothing' | 'found' | null>(null);
  const [words, setWords] = useState('');
  const [workId, setWorkId] = useState(NO_WORK);
  const [error, setError] = useState<string>();
  const surveyId = surveyIdOf(survey);
  const suspicion = survey.suspicion ? SUSPICION_NAMES[survey.suspicion] : '';
  const kind = project.places[survey.placeId]?.kind;
  const look = openRisks(project).find((risk) => risk.surveyId === surveyId);
  const settle = async (on: PlainDate) => {
    if (answer === 'found' && words.trim() === '') {
      setError('Say what you found.');
      return;
    }
    const found =
      answer === 'found'
        ? { words: words.trim(), works: workId === NO_WORK ? [] : [{ workId, count: 1 }] }
        : null;
    await dispatch(
      keep(
        [
          { type: 'suspicionSettled', payload: { surveyId, on, found } },
          ...(look && !project.ticked[look.lookJobId]
            ? [{ type: 'jobTicked' as const, payload: { jobId: look.lookJobId, on } }]
            : []),
        ],
        answer === 'found'
          ? `Found on ${formatDate(on, today)}: ${words.trim()}.`
          : `Opened up on ${formatDate(on, today)}: no ${suspicion.replace(/^an? /, '')}.`,
      ),
    );
  };
  return (
    <View className="gap-2 border-t border-line pt-2">
      <Note>{`Suspected: ${suspicion}. It weighs on the forecast until somebody has looked.`}</Note>
      <View className="flex-row flex-wrap gap-2">
        <Button
          look={answer === 'nothing' ? 'main' : 'plain'}
          label="Nothing there"
          onPress={() => setAnswer('nothing')}
        />
        <Button
          look={answer === 'found' ? 'main' : 'plain'}
          label="Found something"
          onPress={() => setAnswer('found')}
        />
      </View>
      {answer === 'found' ? (
        <>
          <Field
            label="What you found"
            placeholder="two joist ends soft"
            value={words}
            error={error}
            onChangeText={setWords}
          />
          <Strong>What it brings</Strong>
          <Choice
            label="What it brings"
            value={workId}
            options={[
              { value: NO_WORK, label: 'nothing yet' },
              ...(kind ? worksFor(kind) : []).map(({ id, title }) => ({ value: id, label: title })),
            ]}
            onChange={setWorkId}
          />
        </>
      ) : null}
      {answer ? (
        <DateAsk
          question="On which day did you look?"
          onDate={(on) => void settle(on)}
          onCancel={() => setAnswer(null)}
        />
      ) : null}
    </View>
  );
}
