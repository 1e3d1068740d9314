import { useState } from 'react';
import { View } from 'react-native';
import { spendKindSchema, type Entry } from '@/core/house';
import { formatDate } from '@/core/units';
import { selectJobsById, selectProject, selectToday, useAppSelector } from '@/store';
import { Body, Button, Choice, Note, Slip, Small, Strong } from '@/ui';
import { choiceWords, entryWords, faultWords, questionWords } from './words';
import type { Line } from './useLine';

/** What a line will make, as slips, with its open questions. Nothing is kept yet. */
export function Slips({ line }: { line: Line }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { reading, entries, open } = line;
  const fault = reading.fault ? faultWords(reading.fault, today) : null;
  return (
    <View className="gap-2" role="list" aria-label="What this line will keep">
      <Small>
        {reading.date === today
          ? 'For today'
          : `For ${formatDate(reading.date, project.house.firstDay)}`}
      </Small>
      {fault ? (
        <Body role="alert" className="text-brick">
          {fault}
        </Body>
      ) : null}
      {entries.map((entry, at) => (
        <View key={at} role="listitem">
          <EntrySlip entry={entry} line={line} />
        </View>
      ))}
      {open.map((question) => (
        <QuestionSlip key={question.id} question={question} line={line} />
      ))}
    </View>
  );
}

function EntrySlip({ entry, line }: { entry: Entry; line: Line }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const [changing, setChanging] = useState(false);
  const words = entryWords(entry, { project, jobs });
  if (entry.kind !== 'money') return <Slip {...words} />;
  return (
    <Slip {...words}>
      {changing ? (
        <View className="gap-2 py-2">
          <Choice
            label="Kind of spending"
            value={entry.spend}
            options={spendKindSchema.options.map((value) => ({ value, label: value }))}
            onChange={(spend) => line.changeMoney(entry.what, { spend })}
          />
          <Choice
            label="Paid from"
            value={entry.drawsOn}
            options={[
              { value: 'budget', label: 'the budget' },
              { value: 'contingency', label: 'contingency' },
            ]}
            onChange={(drawsOn) => line.changeMoney(entry.what, { drawsOn })}
          />
        </View>
      ) : null}
      <Button
        look="quiet"
        className="self-start"
        label={changing ? 'Close' : 'Change kind'}
        onPress={() => setChanging(!changing)}
      />
    </Slip>
  );
}

function QuestionSlip({ question, line }: { question: Line['open'][number]; line: Line }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  return (
    <View
      role="listitem"
      className="gap-2 rounded-board border border-straw-deep bg-straw-pale p-3"
    >
      <Strong>{questionWords(question)}</Strong>
      <View className="flex-row flex-wrap gap-2">
        {question.choices.map((choice, at) => (
          <Button
            key={at}
            label={choiceWords(choice, { project, jobs })}
            onPress={() => line.answer(question.id, at)}
          />
        ))}
      </View>
      {question.code === 'what-is-this' ? (
        <Note>It names no job, person, sum or find that this house knows.</Note>
      ) : null}
    </View>
  );
}
