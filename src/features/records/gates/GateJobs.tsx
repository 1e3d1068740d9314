import { useState } from 'react';
import { View } from 'react-native';
import { jobsOfGate, type Plan } from '@/core/planning/report';
import { JobSlip } from '@/features/job';
import { Button } from '@/ui';
import type { GateId } from './words';

const PAGE = 12;

/** The jobs that remain before a gate, in the order they are planned. */
export function GateJobs({ gate, plan }: { gate: GateId; plan: Plan }) {
  const [all, setAll] = useState(false);
  const open = jobsOfGate(plan, gate)
    .filter(({ doneOn }) => doneOn === null)
    .sort((a, b) => a.start - b.start);
  return (
    <View className="gap-2">
      {open.slice(0, all ? undefined : PAGE).map((job) => (
        <JobSlip key={job.id} job={job} />
      ))}
      {open.length > PAGE && !all ? (
        <Button look="quiet" label={`Show all ${open.length}`} onPress={() => setAll(true)} />
      ) : null}
    </View>
  );
}
