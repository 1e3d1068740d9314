import { z } from 'zod';
import { jobIdSchema, ownJobSchema } from '@/core/house';
import { stageOfVisit } from '@/core/records/inspections';
import {
  FormCard,
  ManyField,
  NO_SUCH_PLACE,
  TextField,
  WHOLE_HOUSE,
  WhereField,
  areThere,
  placeChosen,
  useKeptForm,
  wordsField,
} from '@/features/kit/form';
import { circleWords, useJobOptions } from '@/features/job/forms';
import { freshId, keep, selectJobs, selectProject, useAppDispatch, useAppSelector } from '@/store';

const MOST_DAYS_AHEAD = 120;

const visitSchema = z.object({
  title: wordsField('Say what they come for, such as “Gas test”.'),
  placeId: z.string(),
  ahead: z.string().transform((text, context) => {
    const days = Number(text);
    if (text.trim() !== '' && Number.isInteger(days) && days >= 0 && days <= MOST_DAYS_AHEAD) {
      return days;
    }
    context.addIssue({ code: 'custom', message: `Whole days, 0 to ${MOST_DAYS_AHEAD}.` });
    return z.NEVER;
  }),
  after: z.array(z.string()),
  before: z.array(z.string()),
});

/** An inspection that the works did not bring: the office asks for it. */
export function VisitForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobs);
  const options = useJobOptions(null);
  const of = useKeptForm({
    name: 'visit/new',
    schema: visitSchema,
    initial: {
      title: '',
      placeId: WHOLE_HOUSE,
      ahead: '3',
      after: [] as string[],
      before: [] as string[],
    },
    onDone,
    onKeep: ({ title, placeId: where, ahead, after, before }) => {
      const placeId = placeChosen(where);
      if (!areThere(project, [placeId]))
        return { field: 'placeId' as const, message: NO_SUCH_PLACE };
      const job = ownJobSchema.parse({
        id: jobIdSchema.parse(`${placeId ?? 'house'}/own.${dispatch(freshId())}`),
        placeId,
        title,
        stage: stageOfVisit(jobs, { after, before }),
        minutes: 0,
        hands: 1,
        before,
        after,
        because: 'the building office asks for it',
        visit: { bookAheadDays: ahead },
      });
      const events = [{ type: 'jobAdded' as const, payload: job }];
      const circle = circleWords(project, events);
      if (circle) return { field: 'before' as const, message: circle };
      return dispatch(keep(events, `Added: ${title}.`));
    },
  });
  return (
    <FormCard of={of} title="An inspection the office asks for" action="Add the inspection">
      <TextField name="title" label="What they come for" placeholder="Gas test" />
      <WhereField />
      <TextField name="ahead" label="Called so many days ahead" numeric className="max-w-[240px]" />
      <ManyField name="after" label="What they have to see" options={options} />
      <ManyField name="before" label="What waits until it has passed" options={options} />
    </FormCard>
  );
}
