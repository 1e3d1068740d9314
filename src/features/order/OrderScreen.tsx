import { useState } from 'react';
import { View } from 'react-native';
import type { PlannedJob } from '@/core/plan';
import { JobStory } from '@/features/job';
import { Page, PlanState } from '@/features/shell';
import { selectJobs, selectPlan, selectProject, useAppSelector } from '@/store';
import { BoardKey, ButtonLink, Choice, Empty, Note, useWide } from '@/ui';
import { StageList, WeekList } from './JobLists';
import { WeekBoard } from './WeekBoard';

type View_ = 'board' | 'week' | 'stage';

/** What comes next, and why in that order. */
export function OrderScreen() {
  const wide = useWide();
  const plan = useAppSelector(selectPlan);
  const jobs = useAppSelector(selectJobs);
  const { path } = useAppSelector(selectProject);
  const [chosen, setChosen] = useState<View_ | null>(null);
  const [selectedId, setSelectedId] = useState<string | null>(null);
  const view = chosen ?? (wide ? 'board' : 'week');
  const selected = jobs.find(({ id }) => id === selectedId) ?? firstOpen(jobs);
  const options = [
    ...(wide ? [{ value: 'board' as const, label: 'Board' }] : []),
    { value: 'week' as const, label: 'By week' },
    { value: 'stage' as const, label: 'By stage' },
  ];
  return (
    <Page
      title="Build order"
      beside={wide && view === 'board' && selected ? <JobStory job={selected} /> : undefined}
    >
      <PlanState />
      {plan && jobs.length > 0 ? (
        <>
          <Choice label="Show the order" options={options} value={view} onChange={setChosen} />
          {view === 'board' ? (
            <WeekBoard plan={plan} selectedId={selected?.id ?? null} onSelect={setSelectedId} />
          ) : null}
          {view === 'week' ? <WeekList plan={plan} /> : null}
          {view === 'stage' ? <StageList plan={plan} /> : null}
          <BoardKey states={['in-hand', 'ready', 'setting', 'held', 'arrives', 'later']} />
          <Note>
            {path === 'rooms'
              ? 'Room by room to its end, in walking order, what decides the gates first.'
              : 'Trade by trade through the house, what decides the gates first.'}{' '}
            Every job says why it stands where it does.
          </Note>
          <ButtonLink
            look="quiet"
            className="self-start"
            href={{ pathname: '/compare/one', params: { id: 'path' } }}
            label="Weigh trade by trade against room by room"
          />
        </>
      ) : null}
      {plan && jobs.length === 0 ? (
        <View>
          <Empty
            title="No jobs yet"
            note="Choose works in a room, and their order will stand here."
          >
            <ButtonLink look="main" href="/house" label="Go to the house" />
          </Empty>
        </View>
      ) : null}
    </Page>
  );
}

const firstOpen = (jobs: readonly PlannedJob[]): PlannedJob | undefined =>
  jobs.filter(({ doneOn }) => doneOn === null).toSorted((a, b) => a.start - b.start)[0];
