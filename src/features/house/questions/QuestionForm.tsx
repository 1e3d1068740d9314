import { z } from 'zod';
import { jobIdSchema, type OpenQuestion } from '@/core/house';
import {
  FormCard,
  NO_SUCH_PLACE,
  WHOLE_HOUSE,
  WhereField,
  ManyField,
  TextField,
  areThere,
  placeChosen,
  useKeptForm,
  wordsField,
} from '@/features/kit/form';
import {
  freshId,
  keep,
  placeOf,
  selectJobs,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';

const questionSchema = z.object({
  question: wordsField('Say what is to be decided.'),
  placeId: z.string(),
  holdsUp: z.array(z.string()),
});

/** Something to be decided, and the jobs that wait for the answer. */
export function QuestionForm({
  question,
  initial = {},
  onDone,
}: {
  question: OpenQuestion | null;
  initial?: { placeId?: string | null; holdsUp?: string[] };
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const jobs = useAppSelector(selectJobs).filter(({ doneOn }) => doneOn === null);
  const of = useKeptForm({
    name: `question/${question?.id ?? `new/${initial.holdsUp?.[0] ?? initial.placeId ?? ''}`}`,
    schema: questionSchema,
    initial: {
      question: question?.question ?? '',
      placeId: question?.placeId ?? initial.placeId ?? WHOLE_HOUSE,
      holdsUp: [...(question?.holdsUp ?? initial.holdsUp ?? [])],
    },
    onDone,
    onKeep: (read) => {
      if (!areThere(project, [placeChosen(read.placeId)])) {
        return { field: 'placeId' as const, message: NO_SUCH_PLACE };
      }
      const payload: OpenQuestion = {
        id: question?.id ?? dispatch(freshId()),
        placeId: placeChosen(read.placeId),
        question: read.question,
        askedOn: question?.askedOn ?? today,
        holdsUp: read.holdsUp.map((id) => jobIdSchema.parse(id)),
        answer: question?.answer ?? null,
      };
      return dispatch(keep([{ type: 'questionAsked', payload }], `Asked: ${read.question}`));
    },
  });
  return (
    <FormCard
      of={of}
      title={question ? 'Put the question right' : 'A question to decide'}
      action="Keep the question"
    >
      <TextField name="question" label="What is to be decided" placeholder="A door, or cased?" />
      <WhereField />
      <ManyField
        name="holdsUp"
        label="Jobs that wait for the answer"
        add="Name a job"
        options={jobs.map((job) => ({
          value: job.id,
          label: `${job.title}, ${placeOf(project, job)}`,
        }))}
      />
    </FormCard>
  );
}
