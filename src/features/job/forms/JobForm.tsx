import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import { View } from 'react-native';
import type { JobId } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { STAGES } from '@/core/trade/steps/stages';
import {
  ChoiceField,
  FormCard,
  ManyField,
  PickField,
  TextField,
  TickField,
  WhereField,
  useKeptForm,
  useWritten,
} from '@/features/kit/form';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, Small } from '@/ui';
import { ANYBODY, TRADE, eventsOfJob, jobFormSchema, type JobTyped } from './job-form';
import { useJobOptions, whoOptions } from './options';

type Origin = { because: string; changeId?: string; before?: readonly EventBodyOf[] };

/** A job of one's own, new or put right. Rare questions wait behind one tap. */
export function JobForm({
  id,
  isNew,
  initial,
  origin,
  onDone,
}: {
  id: string;
  isNew: boolean;
  initial: JobTyped;
  /** Why it is there, and what is kept with it. */
  origin: Origin;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const of = useKeptForm({
    name: `job/${isNew ? `new/${initial.placeId}/${initial.title}` : id}`,
    schema: jobFormSchema(today, written),
    initial,
    onDone,
    onKeep: (read) => {
      const { because, changeId, before = [] } = origin;
      const events = eventsOfJob(read, project, {
        id,
        isNew,
        because,
        ...(changeId ? { changeId } : {}),
      });
      if (!Array.isArray(events)) return events;
      return dispatch(
        keep([...before, ...events], isNew ? `Added: ${read.title}.` : `Put right: ${read.title}.`),
      );
    },
  });
  return (
    <FormCard
      of={of}
      title={isNew ? 'A job of your own' : 'Put the job right'}
      action={isNew ? 'Add the job' : 'Keep the job'}
    >
      <TextField name="title" label="What is to be done" placeholder="Sister the tired joist" />
      <WhereField />
      <Who form={of.form} />
      <More id={id as JobId} />
    </FormCard>
  );
}

/** Who does it: ours by the hour, or a trade by the day and at a price. */
function Who({ form }: { form: ReturnType<typeof useKeptForm<JobTyped, never>>['form'] }) {
  const project = useAppSelector(selectProject);
  const who = useWatch({ control: form.control, name: 'who' });
  return (
    <>
      <ChoiceField
        name="who"
        label="Who does it"
        options={[
          { value: ANYBODY, label: 'Any of us' },
          ...whoOptions(project),
          { value: TRADE, label: 'A trade' },
        ]}
      />
      {who === TRADE ? (
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="trade"
            label="Which trade"
            placeholder="plumber"
            className="min-w-[140px] flex-1"
          />
          <TextField name="price" label="What they ask" className="min-w-[120px] flex-1" numeric />
          <TextField name="days" label="Workdays" className="w-[110px]" numeric />
          <TextField
            name="from"
            label="Booked from"
            placeholder="not booked"
            className="min-w-[140px] flex-1"
          />
        </View>
      ) : (
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="hours"
            label="Hours of one person"
            placeholder="4h"
            className="min-w-[140px] flex-1"
          />
          <ChoiceField
            name="hands"
            label="How many hands"
            options={[
              { value: '1', label: 'One person' },
              { value: '2', label: 'Two' },
            ]}
          />
        </View>
      )}
    </>
  );
}

function More({ id }: { id: JobId }) {
  const [open, setOpen] = useState(false);
  const jobs = useJobOptions(id);
  if (!open) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label="More: order, drying, money, note"
        onPress={() => setOpen(true)}
      />
    );
  }
  return (
    <>
      <PickField
        name="stage"
        label="Stage of the work"
        options={STAGES.map((title, at) => ({ value: String(at + 1), label: title }))}
      />
      <ManyField name="after" label="Comes after" options={jobs} add="Name a job" />
      <ManyField name="before" label="Comes before" options={jobs} add="Name a job" />
      <View className="flex-row flex-wrap gap-2">
        <TickField name="inOneGo" label="In one go" />
        <TickField name="outdoors" label="Outside, by daylight" />
      </View>
      <ChoiceField
        name="shuts"
        label="Wet or dusty"
        options={[
          { value: 'no', label: 'Neither' },
          { value: 'dusty', label: 'Dusty' },
          { value: 'wet', label: 'Wet' },
        ]}
        hint="Dusty shuts the room while you work, wet until it has dried."
      />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="wait"
          label="Dries or sets for"
          placeholder="24h, 3 days"
          className="min-w-[140px] flex-1"
        />
        <TextField
          name="cost"
          label="Costs beside hours"
          placeholder="0"
          className="min-w-[140px] flex-1"
          numeric
        />
      </View>
      <TextField name="note" label="Note" />
      <Small>Things to buy get a line of their own under Stores, once the job is there.</Small>
    </>
  );
}
