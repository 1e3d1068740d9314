import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import type { OpenQuestion, PlaceId } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { formatDate } from '@/core/units';
import { FormCard, TextField, useKeptForm, wordsField } from '@/features/kit/form';
import {
  keep,
  placeNameIn,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Section, Slip } from '@/ui';
import { QuestionForm } from './QuestionForm';

/** Questions one asked oneself, open ones first; of one place, or of the whole house. */
export function Questions({ placeId }: { placeId?: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const [asking, setAsking] = useState(false);
  const here = Object.values(project.questions)
    .filter((each) => placeId === undefined || each.placeId === placeId)
    .toSorted((a, b) => Number(a.answer !== null) - Number(b.answer !== null));
  const open = here.filter(({ answer }) => answer === null).length;
  return (
    <Section title="Your questions" sum={open > 0 ? `${open} open` : undefined}>
      {here.map((question) => (
        <QuestionSlip key={question.id} question={question} />
      ))}
      {asking ? (
        <QuestionForm
          question={null}
          initial={{ placeId: placeId ?? null }}
          onDone={() => setAsking(false)}
        />
      ) : (
        <Button className="self-start" label="Ask a question" onPress={() => setAsking(true)} />
      )}
    </Section>
  );
}

type Asked = 'answer' | 'change' | null;

function QuestionSlip({ question }: { question: OpenQuestion }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const [asked, setAsked] = useState<Asked>(null);
  const close = () => setAsked(null);
  if (asked === 'change') return <QuestionForm question={question} onDone={close} />;
  const { answer } = question;
  const by = plan?.decisions.find(({ id }) => id === question.id)?.decideBy;
  const say = (event: EventBodyOf, what: string) => void dispatch(keep([event], what));
  return (
    <Slip
      state={answer ? 'done' : 'held'}
      title={question.question}
      note={`${placeNameIn(project, question.placeId)} · ${answer ? answer.text : 'undecided'}`}
      figure={
        by && !answer
          ? `by ${formatDate(by, today)}`
          : formatDate(answer?.on ?? question.askedOn, today)
      }
    >
      {by && !answer ? <Note>A later answer moves a gate.</Note> : null}
      {asked === 'answer' ? <AnswerForm question={question} onDone={close} /> : null}
      <View className="flex-row flex-wrap gap-3">
        {answer ? (
          <Button
            look="quiet"
            label="Open it again"
            hint={`Open it again: ${question.question}`}
            onPress={() =>
              say(
                { type: 'questionReopened', payload: { questionId: question.id } },
                'The question is open again.',
              )
            }
          />
        ) : asked === null ? (
          <Button
            look="quiet"
            label="Answer it"
            hint={`Answer it: ${question.question}`}
            onPress={() => setAsked('answer')}
          />
        ) : null}
        <Button
          look="quiet"
          label="Put right"
          hint={`Put right: ${question.question}`}
          onPress={() => setAsked('change')}
        />
        <Button
          look="quiet"
          label="Drop it"
          hint={`Drop: ${question.question}`}
          onPress={() =>
            say(
              { type: 'questionWithdrawn', payload: { questionId: question.id } },
              'Dropped the question.',
            )
          }
        />
      </View>
    </Slip>
  );
}

function AnswerForm({ question, onDone }: { question: OpenQuestion; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: `answer/${question.id}`,
    schema: z.object({ text: wordsField('Say what was decided.') }),
    initial: { text: '' },
    onDone,
    onKeep: ({ text }) =>
      dispatch(
        keep(
          [
            {
              type: 'questionAnswered',
              payload: { questionId: question.id, answer: { on: today, text } },
            },
          ],
          `Decided: ${text}`,
        ),
      ),
  });
  return (
    <FormCard of={of} title={`Answer: ${question.question}`} action="Keep the answer">
      <TextField name="text" label="What was decided" />
    </FormCard>
  );
}
