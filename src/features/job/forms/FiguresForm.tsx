import { View } from 'react-native';
import { personIdSchema, type JobFigures } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { formatMinutes, minutes, plainMoney, type UnitSystem } from '@/core/units';
import { z } from 'zod';
import {
  ChoiceField,
  FormCard,
  TextField,
  countField,
  moneyField,
  noteField,
  useKeptForm,
  useWritten,
  waitField,
  workField,
  type Written,
} from '@/features/kit/form';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Note } from '@/ui';
import { ANYBODY, waitText } from './job-form';
import { whoOptions } from './options';
import { quantityField, quantityText, quantityUnit, startingWords } from './starting';

const figuresSchema = (job: PlannedJob, written: Written, units: UnitSystem) =>
  z.object({
    hours: workField(false),
    quantity: quantityField(job.quantity, units),
    wait: waitField,
    hands: z.enum(['1', '2']),
    who: z.string(),
    days: countField(1, 240, false),
    cost: moneyField(written, null),
    note: noteField,
  });
type FiguresSchema = ReturnType<typeof figuresSchema>;

function typedFigures(
  job: PlannedJob,
  figures: JobFigures,
  currency: string,
  units: UnitSystem,
): z.input<FiguresSchema> {
  const hands = job.work.kind === 'labour' ? job.work.hands : 1;
  return {
    hours: figures.minutes === undefined ? '' : formatMinutes(figures.minutes),
    quantity:
      figures.quantity === undefined ? '' : quantityText(job.quantity, figures.quantity, units),
    wait: figures.waitHours === undefined ? '' : waitText(figures.waitHours),
    hands: String(hands) as '1' | '2',
    who: figures.by ?? ANYBODY,
    days: figures.workdays === undefined ? '' : String(figures.workdays),
    cost: figures.cents === undefined ? '' : plainMoney(figures.cents, currency, true),
    note: figures.note ?? '',
  };
}

/** One's own figures over the starting ones: what is left empty stays as it started. */
export function FiguresForm({ job, onDone }: { job: PlannedJob; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const { units, currency } = project;
  const written = useWritten();
  const figures: JobFigures = project.jobFigures[job.id] ?? {};
  const startHands = job.starting?.hands ?? (job.work.kind === 'labour' ? job.work.hands : null);
  const of = useKeptForm({
    name: `figures/${job.id}`,
    schema: figuresSchema(job, written, units),
    initial: typedFigures(job, figures, currency, units),
    onDone,
    onKeep: (read) => {
      const hands = read.hands === '2' ? 2 : 1;
      const next: JobFigures = {
        ...(read.hours ? { minutes: minutes(read.hours) } : {}),
        ...(read.quantity === null ? {} : { quantity: read.quantity }),
        ...(read.wait === null ? {} : { waitHours: read.wait }),
        ...(startHands !== null && hands !== startHands ? { hands } : {}),
        ...(read.who === ANYBODY ? {} : { by: personIdSchema.parse(read.who) }),
        ...(read.days === null ? {} : { workdays: read.days }),
        ...(read.cost === null ? {} : { cents: read.cost }),
        ...(read.note ? { note: read.note } : {}),
      };
      return dispatch(
        keep(
          [{ type: 'jobFiguresAgreed', payload: { jobId: job.id, figures: next } }],
          `${job.title}: your figures.`,
        ),
      );
    },
  });
  const isOurs = job.work.kind === 'labour';
  const starts = startingWords(job, units, currency);
  return (
    <FormCard of={of} title="Your figures for this job" action="Keep these figures">
      <Note>Left empty it stays as it started.</Note>
      {job.part === 'first' ? <Note>They are for the whole job, both its parts.</Note> : null}
      <View className="flex-row flex-wrap gap-3">
        {isOurs ? (
          <TextField
            name="hours"
            label="Hours of one person"
            hint={`started with ${starts.hours}`}
            className="min-w-[150px] flex-1"
          />
        ) : null}
        {job.work.kind === 'subcontract' ? (
          <TextField
            name="days"
            label="Workdays of the trade"
            hint={`started with ${starts.days}`}
            className="min-w-[150px] flex-1"
            numeric
          />
        ) : null}
        {isOurs ? (
          <TextField
            name="quantity"
            label={`How much, in ${quantityUnit(job.quantity, units)}`}
            hint={`started with ${starts.quantity}`}
            className="min-w-[150px] flex-1"
          />
        ) : null}
        <TextField
          name="wait"
          label="Dries or sets for"
          hint={`started with ${starts.wait}`}
          className="min-w-[150px] flex-1"
        />
        <TextField
          name="cost"
          label={isOurs ? 'Its things, all together' : 'Price'}
          hint={`started with ${starts.cost}`}
          className="min-w-[150px] flex-1"
          numeric
        />
      </View>
      {isOurs ? (
        <>
          <ChoiceField
            name="hands"
            label="How many hands"
            hint={`started with ${starts.hands}`}
            options={[
              { value: '1', label: 'One person' },
              { value: '2', label: 'Two' },
            ]}
          />
          <ChoiceField
            name="who"
            label="Who does it"
            options={[{ value: ANYBODY, label: 'Any of us' }, ...whoOptions(project)]}
          />
        </>
      ) : null}
      <TextField name="note" label="Note" />
    </FormCard>
  );
}
