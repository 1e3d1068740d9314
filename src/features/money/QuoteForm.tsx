import { View } from 'react-native';
import { z } from 'zod';
import { jobIdSchema, type JobId, type Quote } from '@/core/house';
import { plainMoney, type PlainDate } from '@/core/units';
import {
  FormCard,
  NO_SUCH_PLACE,
  WHOLE_HOUSE,
  WhereField,
  areThere,
  placeChosen,
  ManyField,
  TextField,
  countField,
  dayField,
  noteField,
  sumField,
  useKeptForm,
  useWritten,
  wordsField,
  type Written,
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

const quoteSchema = (today: PlainDate, written: Written) =>
  z.object({
    from: wordsField('Say who asks it.', 120),
    what: wordsField('Say what for.'),
    price: sumField(written),
    days: countField(1, 240, false),
    placeId: z.string(),
    jobIds: z.array(z.string()),
    on: dayField(today, written, { past: true }),
    note: noteField,
  });

/** What a trade asks: for one job, for some, or for all that is left in a room. */
export function QuoteForm({ quote, onDone }: { quote: Quote | null; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const jobs = useAppSelector(selectJobs).filter(
    ({ doneOn, work }) => doneOn === null && work.kind !== 'inspection',
  );
  const of = useKeptForm({
    name: `quote/${quote?.id ?? 'new'}`,
    schema: quoteSchema(today, written),
    initial: {
      from: quote?.from ?? '',
      what: quote?.what ?? '',
      price: quote ? plainMoney(quote.cents, project.currency, true) : '',
      days: quote?.workdays === undefined ? '' : String(quote.workdays),
      placeId: quote?.placeId ?? WHOLE_HOUSE,
      jobIds: [...(quote?.jobIds ?? [])],
      on: quote?.on ?? '',
      note: quote?.note ?? '',
    },
    onDone,
    onKeep: (read) => {
      if (!areThere(project, [placeChosen(read.placeId)])) {
        return { field: 'placeId' as const, message: NO_SUCH_PLACE };
      }
      const ofRoom = read.jobIds.length === 0 && read.placeId !== WHOLE_HOUSE;
      const jobIds: JobId[] = ofRoom
        ? jobs.flatMap((job) => (job.placeId === read.placeId ? [job.id] : []))
        : read.jobIds.map((id) => jobIdSchema.parse(id));
      const payload: Quote = {
        id: quote?.id ?? dispatch(freshId()),
        placeId: placeChosen(read.placeId),
        what: read.what,
        cents: read.price,
        from: read.from,
        ...(jobIds.length > 0 ? { jobIds } : {}),
        ...(read.days === null ? {} : { workdays: read.days }),
        ...(read.on ? { on: read.on } : {}),
        ...(read.note ? { note: read.note } : {}),
      };
      return dispatch(keep([{ type: 'quoteKept', payload }], `Kept the quote of ${read.from}.`));
    },
  });
  return (
    <FormCard of={of} title={quote ? 'Put the quote right' : 'A quote'} action="Keep the quote">
      <TextField name="from" label="Who asks it" placeholder="Plumb and True" />
      <TextField name="what" label="What for" placeholder="board and three coats" />
      <View className="flex-row flex-wrap gap-3">
        <TextField name="price" label="What they ask" className="min-w-[130px] flex-1" numeric />
        <TextField name="days" label="Workdays" className="w-[110px]" numeric />
        <TextField
          name="on"
          label="Given on"
          placeholder="14 Mar"
          className="min-w-[120px] flex-1"
        />
      </View>
      <WhereField />
      <ManyField
        name="jobIds"
        label="For which jobs"
        add="Name a job"
        hint="none, with a room: all that is left to do there"
        options={jobs.map((job) => ({
          value: job.id,
          label: `${job.title}, ${placeOf(project, job)}`,
        }))}
      />
      <TextField name="note" label="Note" />
    </FormCard>
  );
}
