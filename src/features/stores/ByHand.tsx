import { useState } from 'react';
import { View } from 'react-native';
import { jobIdSchema } from '@/core/house';
import { parseMoney } from '@/core/units';
import {
  freshId,
  keep,
  placeNameIn,
  selectJobs,
  selectProject,
  selectWays,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Field, Note, Section, Strong, useKeeping } from '@/ui';

const OFFERED = 8;
const MOST_UNITS = 100_000;

/** A line written by hand: what ran short, or what no takeoff knows. It stands under a job and takes its date from it. */
export function ByHand() {
  const [adding, setAdding] = useState(false);
  return (
    <Section title="A line by hand">
      {adding ? (
        <Form onDone={() => setAdding(false)} />
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

function Form({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const { numberStyle } = useAppSelector(selectWays);
  const open = useAppSelector(selectJobs)
    .filter(({ doneOn }) => doneOn === null)
    .toSorted((a, b) => a.start - b.start);
  const [what, setWhat] = useState('');
  const [units, setUnits] = useState('1');
  const [unit, setUnit] = useState('piece');
  const [price, setPrice] = useState('');
  const [lead, setLead] = useState('0');
  const [jobId, setJobId] = useState<string>(open[0]?.id ?? '');
  const [search, setSearch] = useState('');
  const [faults, setFaults] = useState<Record<string, string>>({});
  const named = open.map((job) => ({
    value: job.id as string,
    label: `${placeNameIn(project, job.placeId)}: ${job.title}`,
  }));
  const found = named
    .filter(({ label }) => label.toLowerCase().includes(search.trim().toLowerCase()))
    .slice(0, OFFERED);
  const keeping = useKeeping({ what, units, unit, price, lead, jobId });
  const save = async () => {
    const many = Number(units);
    const days = Number(lead);
    const cents = parseMoney(price.trim() === '' ? '0' : price, numberStyle);
    const wrong = {
      ...(what.trim() === '' ? { what: 'Say what it is.' } : {}),
      ...(unit.trim() === '' ? { unit: 'Say what one is called.' } : {}),
      ...(Number.isInteger(many) && many >= 1 && many <= MOST_UNITS
        ? {}
        : { units: 'Give a whole number from 1.' }),
      ...(cents.ok && cents.value >= 0
        ? {}
        : { price: 'Give a price, such as 4.20, or leave it empty.' }),
      ...(Number.isInteger(days) && days >= 0 && days <= 400
        ? {}
        : { lead: 'Give whole days from 0 to 400.' }),
      ...(jobId === '' ? { job: 'Choose the job it is for.' } : {}),
    };
    setFaults(wrong);
    if (Object.keys(wrong).length > 0 || !cents.ok) return;
    const payload = {
      id: dispatch(freshId()),
      what: what.trim(),
      unit: unit.trim(),
      units: many,
      price: cents.value,
      leadDays: days,
      jobId: jobIdSchema.parse(jobId),
    };
    await keeping(
      () => dispatch(keep([{ type: 'lineAdded', payload }], `Added ${payload.what}.`)),
      onDone,
    );
  };
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Field label="What is missing" value={what} error={faults.what} onChangeText={setWhat} />
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="w-[90px]"
          label="How many"
          inputMode="numeric"
          value={units}
          error={faults.units}
          onChangeText={setUnits}
        />
        <Field
          className="min-w-[100px] flex-1"
          label="One is called"
          value={unit}
          error={faults.unit}
          onChangeText={setUnit}
        />
        <Field
          className="min-w-[110px] flex-1"
          label="Price of one"
          value={price}
          error={faults.price}
          onChangeText={setPrice}
        />
        <Field
          className="w-[120px]"
          label="Days on the way"
          inputMode="numeric"
          value={lead}
          error={faults.lead}
          onChangeText={setLead}
        />
      </View>
      <Field
        label="For which job"
        placeholder="type to find it"
        value={search}
        error={faults.job}
        onChangeText={setSearch}
      />
      <Choice label="Job" value={jobId} options={found} onChange={setJobId} />
      {found.length === 0 ? <Note>No open job is called that.</Note> : null}
      <Strong>{named.find(({ value }) => value === jobId)?.label ?? 'No job chosen'}</Strong>
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Add the line" onPress={() => void save()} />
        <Button label="Leave it" onPress={onDone} />
      </View>
    </View>
  );
}
