import { useState } from 'react';
import { View } from 'react-native';
import type { JobId } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { placeOf, selectJobs, selectProject, useAppSelector } from '@/store';
import { Choice, Field, Note } from '@/ui';

/** Of hundreds of jobs so many are offered; a few letters more bring others. */
const OFFERED = 6;

/** Finds a job that is still open by a few letters of its name or room. */
export function FindJob({
  label,
  choiceLabel,
  except,
  value = null,
  onChoose,
}: {
  label: string;
  choiceLabel: string;
  /** Not to be found. */
  except?: JobId | null;
  value?: JobId | null;
  onChoose: (job: PlannedJob) => void;
}) {
  const project = useAppSelector(selectProject);
  const open = useAppSelector(selectJobs).filter(
    ({ id, doneOn }) => doneOn === null && id !== except,
  );
  const [search, setSearch] = useState('');
  const found = open
    .map((job) => ({ value: job.id, label: `${job.title}, ${placeOf(project, job)}` }))
    .filter(({ label: name }) => name.toLowerCase().includes(search.trim().toLowerCase()))
    .slice(0, OFFERED);
  return (
    <View className="gap-2">
      <Field label={label} placeholder="type to find it" value={search} onChangeText={setSearch} />
      <Choice
        label={choiceLabel}
        value={value}
        options={found}
        onChange={(id) => {
          const job = open.find((each) => each.id === id);
          if (job) onChoose(job);
        }}
      />
      {found.length === 0 ? <Note>No open job is called that.</Note> : null}
    </View>
  );
}
