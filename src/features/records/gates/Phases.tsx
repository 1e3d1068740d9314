import { GATE_NAMES } from '@/core/planning/explanation';
import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { jobIdSchema, phaseSchema, placesInOrder, type Phase } from '@/core/house';
import { plainMoney } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  ManyField,
  TextField,
  dayField,
  moneyField,
  useKeptForm,
  useWritten,
  wordsField,
} from '@/features/kit/form';
import {
  freshId,
  keep,
  placeOf,
  selectForecast,
  selectJobs,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Section, Slip } from '@/ui';
import { phaseDateWords, phaseMoneyWords, phaseWords } from './words';

/** Parts of the house gone through by themselves, each with its own end, budget and gate. */
export function Phases() {
  const project = useAppSelector(selectProject);
  const [asking, setAsking] = useState<Phase | 'new' | null>(null);
  const phases = Object.values(project.phases);
  return (
    <Section title="Phases">
      {phases.length === 0 && asking === null ? (
        <Note>
          Some rooms first, the rest later: a phase has its own end, its own money and its own jobs.
        </Note>
      ) : null}
      {phases.map((phase) =>
        asking !== null && asking !== 'new' && asking.id === phase.id ? null : (
          <PhaseSlip key={phase.id} phase={phase} onAsk={() => setAsking(phase)} />
        ),
      )}
      {asking === null ? (
        <Button className="self-start" label="Make a phase" onPress={() => setAsking('new')} />
      ) : (
        <PhaseForm
          key={asking === 'new' ? 'new' : asking.id}
          phase={asking === 'new' ? null : asking}
          onDone={() => setAsking(null)}
        />
      )}
    </Section>
  );
}

function PhaseSlip({ phase, onAsk }: { phase: Phase; onAsk: () => void }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const forecast = useAppSelector(selectForecast);
  const { currency } = useAppSelector(selectProject);
  const state = forecast?.plan.phases.find(({ id }) => id === phase.id);
  const date = forecast?.plan.demands.find(({ id }) => id === `phase:${phase.id}`);
  const end = forecast?.ends.find(({ id }) => id === `phase:${phase.id}`);
  return (
    <Slip
      state={(date?.daysLate ?? 0) > 0 ? 'held' : state?.jobsLeft === 0 ? 'done' : 'ready'}
      title={phase.title}
      note={phaseWords(phase, state, today)}
      figure={state ? String(state.jobsLeft) : undefined}
      figureNote={state?.jobsLeft === 1 ? 'job left' : 'jobs left'}
    >
      {state && state.jobsLeft > 0 ? <Note>{phaseDateWords(date, end, today)}</Note> : null}
      {state ? <Note>{phaseMoneyWords(phase, state, currency)}</Note> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button look="quiet" label="Change it" hint={`Change: ${phase.title}`} onPress={onAsk} />
        <Button
          look="quiet"
          label="Drop it"
          hint={`Drop: ${phase.title}`}
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'phaseDropped', payload: { phaseId: phase.id } }],
                `No phase any more: ${phase.title}.`,
              ),
            )
          }
        />
      </View>
    </Slip>
  );
}

const ANY_GATE = 'none';

function PhaseForm({ phase, onDone }: { phase: Phase | null; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const jobs = useAppSelector(selectJobs).filter(({ doneOn }) => doneOn === null);
  const of = useKeptForm({
    name: `phase/${phase?.id ?? 'new'}`,
    schema: z.object({
      title: wordsField('Give it a name, such as “Upstairs”.', 80),
      placeIds: z.array(z.string()),
      jobIds: z.array(z.string()),
      by: z.string(),
      cents: moneyField(written, null),
      before: z.enum([ANY_GATE, 'sleep', 'live']),
    }),
    initial: {
      title: phase?.title ?? '',
      placeIds: (phase?.placeIds ?? []) as string[],
      jobIds: (phase?.jobIds ?? []) as string[],
      by: phase?.by ?? '',
      cents: phase?.cents == null ? '' : plainMoney(phase.cents, project.currency, true),
      before: (phase?.before ?? ANY_GATE) as 'none' | 'sleep' | 'live',
    },
    onDone,
    onKeep: ({ before, by, placeIds, jobIds, ...read }) => {
      // An end that has passed stays as it was agreed.
      const day = by === phase?.by ? { success: true as const, data: phase.by } : endOf(by);
      if (!day.success)
        return { field: 'by' as const, message: day.error.issues[0]?.message ?? '' };
      const there = placesInOrder(project).filter(({ id }) => placeIds.includes(id));
      if (there.length + jobIds.length === 0) {
        return { field: 'placeIds' as const, message: 'Name a room or a job that is part of it.' };
      }
      const payload = phaseSchema.parse({
        ...read,
        id: phase?.id ?? dispatch(freshId()),
        placeIds: there.map(({ id }) => id),
        jobIds: jobIds.map((id) => jobIdSchema.parse(id)),
        by: day.data,
        before: before === ANY_GATE ? null : before,
      });
      return dispatch(keep([{ type: 'phaseAgreed', payload }], `Phase kept: ${payload.title}.`));
    },
  });
  const endOf = (text: string) => dayField(today, written).safeParse(text);
  return (
    <FormCard of={of} title={phase ? 'Change the phase' : 'A phase'} action="Keep the phase">
      <TextField name="title" label="What it is called" placeholder="Upstairs" />
      <ManyField
        name="placeIds"
        label="Which rooms"
        add="Name a room"
        options={placesInOrder(project).map(({ id, name }) => ({ value: id, label: name }))}
      />
      <ManyField
        name="jobIds"
        label="Which jobs beside them"
        add="Name a job"
        options={jobs.map((job) => ({
          value: job.id,
          label: `${job.title}, ${placeOf(project, job)}`,
        }))}
      />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="by"
          label="Done by"
          hint="empty: no day"
          placeholder="14 Jun"
          className="min-w-[130px] flex-1"
        />
        <TextField
          name="cents"
          label="Its budget"
          hint="empty: none"
          className="min-w-[130px] flex-1"
          numeric
        />
      </View>
      <ChoiceField
        name="before"
        label="Which gate waits for all of it"
        tight
        options={[
          { value: ANY_GATE, label: 'None' },
          { value: 'sleep', label: GATE_NAMES.sleep },
          { value: 'live', label: GATE_NAMES.live },
        ]}
      />
    </FormCard>
  );
}
