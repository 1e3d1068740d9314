import { useState } from 'react';
import { View } from 'react-native';
import { weeksOf, stagesOf, type Plan } from '@/core/planning/report';
import { stageName } from '@/core/trade/steps/stages';
import { addDays, countWords, formatDayMonth, formatMinutes } from '@/core/units';
import { JobSlip } from '@/features/job';
import { Button, Section } from '@/ui';

const FIRST_WEEKS = 4;

/** The jobs not yet done, week by week; what began earlier stands in the week of today. */
export function WeekList({ plan }: { plan: Plan }) {
  const [all, setAll] = useState(false);
  const weeks = weeksOf(plan);
  return (
    <View className="gap-5">
      {weeks.slice(0, all ? undefined : FIRST_WEEKS).map(({ monday, jobs, minutes }) => (
        <Section
          key={monday}
          title={`${formatDayMonth(monday)} to ${formatDayMonth(addDays(monday, 6))}`}
          sum={`${countWords(jobs.length, 'job')} · ${formatMinutes(minutes)}`}
        >
          {jobs.map((job) => (
            <JobSlip key={job.id} job={job} />
          ))}
        </Section>
      ))}
      {weeks.length > FIRST_WEEKS && !all ? (
        <Button
          label={`Show the ${weeks.length - FIRST_WEEKS} weeks after that`}
          onPress={() => setAll(true)}
        />
      ) : null}
    </View>
  );
}

/** Every job under its stage, done ones too; a stage opens with a tap. */
export function StageList({ plan }: { plan: Plan }) {
  const [open, setOpen] = useState<number | null>(null);
  return (
    <View className="gap-4">
      {stagesOf(plan).map(({ stage, jobs, done }) => (
        <Section
          key={stage}
          title={`${stage}. ${stageName(stage)}`}
          sum={`${done} of ${jobs.length} done`}
        >
          {open === stage ? jobs.map((job) => <JobSlip key={job.id} job={job} />) : null}
          <Button
            look="quiet"
            className="self-start"
            label={open === stage ? 'Close' : `Show ${countWords(jobs.length, 'job')}`}
            hint={`${open === stage ? 'Close' : 'Show'} stage ${stageName(stage)}`}
            onPress={() => setOpen(open === stage ? null : stage)}
          />
        </Section>
      ))}
    </View>
  );
}
