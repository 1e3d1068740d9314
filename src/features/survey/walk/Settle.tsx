import { useWatch } from 'react-hook-form';
import { z } from 'zod';
import { surveyIdOf, type Survey } from '@/core/house';
import { openRisks } from '@/core/survey/risk';
import { worksFor } from '@/core/trade/steps/works';
import { formatDate } from '@/core/units';
import {
  ChoiceField,
  DayRow,
  FormCard,
  TextField,
  useDoneDay,
  useKeptForm,
} from '@/features/kit/form';
import { SUSPICION_NAMES } from '@/features/survey/names';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Note } from '@/ui';

const NO_WORK = 'none';
const UNSAID = { answer: 'unsaid', words: '', workId: NO_WORK, on: '' };
const ANSWERS = [
  { value: 'nothing', label: 'Nothing there' },
  { value: 'found', label: 'Found something' },
];

/** Opening up answers a suspicion: nothing there, or a find with a work of its own. */
export function Settle({ survey }: { survey: Survey }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const surveyId = surveyIdOf(survey);
  const suspicion = survey.suspicion ? SUSPICION_NAMES[survey.suspicion] : '';
  const kind = project.places[survey.placeId]?.kind;
  const look = openRisks(project).find((risk) => risk.surveyId === surveyId);
  const of = useKeptForm({
    name: `settle/${surveyId}`,
    schema: z.object({
      answer: z.string(),
      words: z.string().trim().max(300, 'Use at most 300 letters.'),
      workId: z.string(),
      on: useDoneDay(),
    }),
    initial: UNSAID,
    onDone: () => undefined,
    onKeep: ({ answer, words, workId, on }) => {
      const isFound = answer === 'found';
      if (isFound && words === '') return { field: 'words', message: 'Say what you found.' };
      const works = workId === NO_WORK ? [] : [{ workId, count: 1 }];
      const found = isFound ? { words, works } : null;
      return dispatch(
        keep(
          [
            { type: 'suspicionSettled', payload: { surveyId, on, found } },
            ...(look && !project.ticked[look.lookJobId]
              ? [{ type: 'jobTicked' as const, payload: { jobId: look.lookJobId, on } }]
              : []),
          ],
          isFound
            ? `Found on ${formatDate(on, today)}: ${words}.`
            : `Opened up on ${formatDate(on, today)}: no ${suspicion.replace(/^an? /, '')}.`,
        ),
      );
    },
  });
  const answer = useWatch({ control: of.form.control, name: 'answer' });
  const isAnswered = answer !== UNSAID.answer;
  return (
    <FormCard
      plain
      of={of}
      title={`What opening up showed: ${suspicion}`}
      closing={isAnswered ? <DayRow /> : <></>}
    >
      <Note>{`Suspected: ${suspicion}. It weighs on the forecast until somebody has looked.`}</Note>
      <ChoiceField name="answer" label="What was there" options={ANSWERS} />
      {answer === 'found' ? (
        <>
          <TextField name="words" label="What you found" placeholder="two joist ends soft" />
          <ChoiceField
            name="workId"
            label="What it brings"
            options={[
              { value: NO_WORK, label: 'nothing yet' },
              ...(kind ? worksFor(kind) : []).map(({ id, title }) => ({ value: id, label: title })),
            ]}
          />
        </>
      ) : null}
      {isAnswered ? <Note className="text-ink">On which day did you look?</Note> : null}
    </FormCard>
  );
}
