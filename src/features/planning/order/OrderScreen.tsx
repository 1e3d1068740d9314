import { useCallback, useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import type { JobId, Path } from '@/core/house';
import { secondPairWanted, type Plan, type PlannedJob } from '@/core/planning/report';
import { countWords, formatMinutes } from '@/core/units';
import { DroppedJobs } from '@/features/job/forms';
import { JobStory } from '@/features/job/story';
import { Page, PlanState } from '@/features/shell';
import {
  freshId,
  selectJobs,
  selectPlan,
  selectProject,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { BoardKey, ButtonLink, Choice, Empty, Note, Small, useWide } from '@/ui';
import { StageList, WeekList } from './JobLists';
import { Slid, type Slide } from './Slid';
import { WeekBoard } from './WeekBoard';

type View_ = 'board' | 'week' | 'stage';

/** What comes next, and why in that order. */
export function OrderScreen() {
  const wide = useWide();
  const dispatch = useAppDispatch();
  const plan = useAppSelector(selectPlan);
  const jobs = useAppSelector(selectJobs);
  const { path } = useAppSelector(selectProject);
  const [chosen, setChosen] = useState<View_ | null>(null);
  const [selectedId, setSelectedId] = useState<JobId | null>(null);
  const [slid, setSlid] = useState<Slide | null>(null);
  const slide = useCallback(
    (jobId: JobId, days: number) => {
      const demandId = dispatch(freshId());
      setSelectedId(jobId);
      setSlid((before) =>
        before?.jobId === jobId
          ? { ...before, days: before.days + days }
          : { jobId, days, demandId },
      );
    },
    [dispatch],
  );
  const view = chosen ?? (wide ? 'board' : 'week');
  const selected = jobs.find(({ id }) => id === selectedId) ?? firstOpen(jobs);
  // The outline on the board moves at once; the story follows when there is time.
  const told = useDeferredValue(selected);
  const options = [
    ...(wide ? [{ value: 'board' as const, label: 'Board' }] : []),
    { value: 'week' as const, label: 'By week' },
    { value: 'stage' as const, label: 'By stage' },
  ];
  return (
    <Page
      title="Build order"
      beside={wide && view === 'board' && told ? <JobStory job={told} /> : undefined}
    >
      <PlanState />
      {plan && jobs.length > 0 ? (
        <>
          <SecondPair plan={plan} />
          <Choice label="Show the order" options={options} value={view} onChange={setChosen} />
          {view === 'board' ? (
            <>
              {slid ? (
                <Slid
                  key={slid.jobId}
                  slid={slid}
                  onDone={() => setSlid(null)}
                  onNearest={(by) => setSlid({ ...slid, by })}
                />
              ) : null}
              <WeekBoard
                plan={plan}
                selectedId={selected?.id ?? null}
                onSelect={setSelectedId}
                onMove={slide}
              />
              <Small>
                Drag a bar along the tape, or move it with the arrow keys; what it costs shows
                before anything is kept. Two posts with a rail are an inspection: what it covers
                stops there until it has passed.
              </Small>
            </>
          ) : null}
          {view === 'week' ? <WeekList plan={plan} /> : null}
          {view === 'stage' ? <StageList plan={plan} /> : null}
          <BoardKey states={['in-hand', 'ready', 'setting', 'held', 'arrives', 'later']} />
          <Note>
            {PATH_WORDS[path]} What decides the gates goes first; every job says why it stands where
            it does.
          </Note>
          <DroppedJobs />
          <View className="flex-row flex-wrap gap-3">
            <ButtonLink href="/job/new" label="Add a job" />
            <ButtonLink href="/schools" label="Where builders disagree" />
            <ButtonLink href="/whatif" label="What if" />
          </View>
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

const PATH_WORDS: Record<Path, string> = {
  trades: 'Trade by trade through the house.',
  rooms: 'Room by room to its end, in walking order.',
  core: 'First what a first night and a life need, then the rest in phases.',
};

const firstOpen = (jobs: readonly PlannedJob[]): PlannedJob | undefined =>
  jobs.filter(({ doneOn }) => doneOn === null).toSorted((a, b) => a.start - b.start)[0];

/** Hours of a second person that nobody promised: to be asked for before the day comes. */
function SecondPair({ plan }: { plan: Plan }) {
  const wanted = secondPairWanted(plan);
  if (wanted.jobs === 0) return null;
  return (
    <View className="gap-2">
      <Note className="text-ink">
        {`${countWords(wanted.jobs, 'job')} ${wanted.jobs === 1 ? 'wants' : 'want'} a second pair of hands, ${formatMinutes(wanted.minutes)} in all. Planned for one alone, every hour counts; ask somebody for a day.`}
      </Note>
      <ButtonLink href="/settings" label="Say who helps, and when" />
    </View>
  );
}
