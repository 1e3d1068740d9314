import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { jobIdSchema } from '@/core/house';
import { cents } from '@/core/units';
import {
  FormCard,
  PickField,
  TextField,
  countField,
  moneyField,
  useKeptForm,
  useWritten,
  wordsField,
  type Written,
} from '@/features/kit/form';
import {
  freshId,
  keep,
  placeNameIn,
  selectJobs,
  selectProject,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Section } from '@/ui';

const MOST_UNITS = 100_000;
const LONGEST_LEAD = 400;

/** A line written by hand: what ran short, or what no takeoff knows. It stands under a job and takes its date from it. */
export function ByHand() {
  const [adding, setAdding] = useState(false);
  return (
    <Section title="A line by hand">
      {adding ? (
        <LineForm onDone={() => setAdding(false)} />
      ) : (
        <Button
          className="self-start"
          label="Add what is missing"
          onPress={() => setAdding(true)}
        />
      )}
    </Section>
  );
}

const lineSchema = (written: Written) =>
  z.object({
    what: wordsField('Say what it is.'),
    units: countField(1, MOST_UNITS),
    unit: wordsField('Say what one is called.', 60),
    price: moneyField(written, cents(0)),
    lead: countField(0, LONGEST_LEAD),
    jobId: z.string().min(1, 'Choose the job it is for.'),
  });

function LineForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const open = useAppSelector(selectJobs)
    .filter(({ doneOn }) => doneOn === null)
    .toSorted((a, b) => a.start - b.start);
  const of = useKeptForm({
    name: 'line-by-hand',
    schema: lineSchema(useWritten()),
    initial: {
      what: '',
      units: '1',
      unit: 'piece',
      price: '',
      lead: '0',
      jobId: (open[0]?.id ?? '') as string,
    },
    onDone,
    onKeep: ({ what, units, unit, price, lead, jobId }) =>
      dispatch(
        keep(
          [
            {
              type: 'lineAdded',
              payload: {
                id: dispatch(freshId()),
                what,
                unit,
                units: units ?? 1,
                price: cents(price ?? 0),
                leadDays: lead ?? 0,
                jobId: jobIdSchema.parse(jobId),
              },
            },
          ],
          `Added ${what}.`,
        ),
      ),
  });
  return (
    <FormCard of={of} title="A line for Stores" action="Add the line">
      <TextField name="what" label="What is missing" />
      <View className="flex-row flex-wrap gap-3">
        <TextField name="units" label="How many" className="w-[90px]" numeric />
        <TextField name="unit" label="One is called" className="min-w-[100px] flex-1" />
        <TextField name="price" label="Price of one" className="min-w-[110px] flex-1" numeric />
        <TextField name="lead" label="Days on the way" className="w-[120px]" numeric />
      </View>
      <PickField
        name="jobId"
        label="For which job"
        options={open.map((job) => ({
          value: job.id,
          label: `${placeNameIn(project, job.placeId)}: ${job.title}`,
        }))}
      />
    </FormCard>
  );
}
