import { useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  fitEvening,
  prepare,
  type Energy,
  type Evening,
  type Fitted,
  type Tonight,
} from '@/core/log/today';
import type { Plan, PlannedJob } from '@/core/planning/report';
import { countWords, formatMinutes, minutes } from '@/core/units';
import { JobSlip } from '@/features/job';
import { placeOf, selectProject, useAppSelector } from '@/store';
import { Button, ButtonLink, Choice, Note, Section, SubHeading } from '@/ui';
import { BECAUSE_WORDS, eveningWords, preparationWords, startOfEvening } from './words';

const STEP = 30;

/** What to do with tonight: as the calendar has it, or as the evening really is. */
export function TonightList({ plan, tonight }: { plan: Plan; tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  const usual = useMemo(() => startOfEvening(project, tonight), [project, tonight]);
  const [changed, setChanged] = useState<Evening | null>(null);
  const evening = changed ?? usual;
  const { people } = project;
  const fitted = useMemo(
    () => (changed ? fitEvening(plan, people, changed) : null),
    [plan, people, changed],
  );
  const jobs = fitted ? fitted.picks.map(({ job }) => job) : tonight.fitted.map(({ job }) => job);
  const [fits, available] = fitted
    ? [fitted.fits, minutes(evening.mine + evening.helper)]
    : [tonight.fits, tonight.available];
  const shown = new Set(jobs.map(({ id }) => id));
  const others = plan.jobs
    .filter(({ id, state }) => (state === 'ready' || state === 'in-hand') && !shown.has(id))
    .toSorted((a, b) => a.start - b.start);
  return (
    <>
      <Section
        title="Ready now"
        sum={
          available > 0
            ? `fits today: ${formatMinutes(fits)} of ${formatMinutes(available)}`
            : undefined
        }
      >
        <Asked evening={evening} changed={changed !== null} onChange={setChanged} />
        {fitted ? <Note className="text-ink">{eveningWords(fitted, evening)}</Note> : null}
        {fitted ? <Picked fitted={fitted} /> : <Planned tonight={tonight} />}
        <Prepare plan={plan} jobs={jobs} />
      </Section>
      <AlsoReady jobs={others} />
    </>
  );
}

const SHOWN = 6;

function AlsoReady({ jobs }: { jobs: readonly PlannedJob[] }) {
  if (jobs.length === 0) return null;
  return (
    <Section title="Also ready" sum={`${countWords(jobs.length, 'job')}, not today`}>
      {jobs.slice(0, SHOWN).map((job) => (
        <JobSlip key={job.id} job={job} />
      ))}
      {jobs.length > SHOWN ? (
        <ButtonLink look="quiet" href="/order" label="See all in the build order" />
      ) : null}
    </Section>
  );
}

const ENERGIES: { value: Energy; label: string }[] = [
  { value: 'tired', label: 'Tired' },
  { value: 'usual', label: 'As usual' },
  { value: 'strong', label: 'Strong' },
];

/** The evening as it is: hours, hands, energy. One tap each. */
function Asked({
  evening,
  changed,
  onChange,
}: {
  evening: Evening;
  changed: boolean;
  onChange: (evening: Evening | null) => void;
}) {
  const [open, setOpen] = useState(false);
  if (!open) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label="Fewer hours, tired, or a helper?"
        onPress={() => setOpen(true)}
      />
    );
  }
  const add = (who: 'mine' | 'helper', by: number) =>
    onChange({ ...evening, [who]: minutes(evening[who] + by) });
  return (
    <View className="gap-3 rounded-board border border-line bg-paper p-3">
      <Choice
        label="How you feel"
        value={evening.energy}
        options={ENERGIES}
        onChange={(energy) => onChange({ ...evening, energy })}
      />
      {(['mine', 'helper'] as const).map((who) => (
        <View key={who} className="flex-row items-center gap-2">
          <Note className="flex-1 text-ink">
            {`${who === 'mine' ? 'You' : 'A helper'}: ${formatMinutes(evening[who])}`}
          </Note>
          <Button
            label="Less"
            hint={who === 'mine' ? 'Half an hour less for you' : 'Half an hour less of help'}
            disabled={evening[who] === 0}
            onPress={() => add(who, -STEP)}
          />
          <Button
            label="More"
            hint={who === 'mine' ? 'Half an hour more for you' : 'Half an hour more of help'}
            onPress={() => add(who, STEP)}
          />
        </View>
      ))}
      {changed ? (
        <Button
          look="quiet"
          className="self-start"
          label="As the calendar has it"
          onPress={() => {
            onChange(null);
            setOpen(false);
          }}
        />
      ) : null}
    </View>
  );
}

function Planned({ tonight }: { tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  if (tonight.fitted.length === 0) {
    return (
      <Note>
        {tonight.alsoReady.length > 0
          ? 'No hours today. What is ready stays ready.'
          : 'Nothing is ready: all that is left waits for something.'}
      </Note>
    );
  }
  return tonight.fitted.map(({ job, minutes: spent, hands }) => {
    const decides = job.slackDays === 0 ? ' · decides the date' : '';
    const two = hands > 1 ? ' · two people' : '';
    return (
      <JobSlip
        key={job.id}
        job={job}
        note={`${placeOf(project, job)}${two}${decides}`}
        figure={formatMinutes(spent)}
        figureNote={spent < job.left ? `of ${formatMinutes(job.left)} left` : 'all that is left'}
      />
    );
  });
}

function Picked({ fitted }: { fitted: Fitted }) {
  const project = useAppSelector(selectProject);
  return fitted.picks.map(({ job, minutes: spent, by, because }) => (
    <JobSlip
      key={job.id}
      job={job}
      note={`${placeOf(project, job)} · ${BECAUSE_WORDS[because]}${by === 'both' ? ' · two people' : by === 'helper' ? ' · for the helper' : ''}`}
      figure={formatMinutes(spent)}
      figureNote={spent < job.left ? `of ${formatMinutes(job.left)} left` : 'all that is left'}
    />
  ));
}

function Prepare({ plan, jobs }: { plan: Plan; jobs: readonly PlannedJob[] }) {
  const preparations = prepare(plan, jobs);
  if (preparations.length === 0) return null;
  const titles = new Map(jobs.map(({ id, title }) => [id, title]));
  return (
    <View>
      <SubHeading>Before you begin</SubHeading>
      {preparations.map((preparation) => (
        <Note key={preparation.jobId}>
          {`${titles.get(preparation.jobId) ?? ''}: ${preparationWords(preparation)}`}
        </Note>
      ))}
    </View>
  );
}
