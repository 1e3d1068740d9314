import { View } from 'react-native';
import { GATE_NAMES, floatsOf, sayWhy, sharedWith, whyMoved } from '@/core/planning/explanation';
import type { PlannedJob } from '@/core/planning/report';
import { hardDatesOf } from '@/core/house';
import { countWords, dateOf, daysBetween } from '@/core/units';
import {
  placeOf,
  selectJobsById,
  selectPlan,
  selectPlanBefore,
  selectProject,
  useAppSelector,
} from '@/store';
import { Note, SubHeading } from '@/ui';
import { floatWords } from './float-words';

/** How far a job may slip before each end does; shown where there is more than the one told above. */
export function Floats({ job }: { job: PlannedJob }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  if (!plan || job.doneOn !== null) return null;
  const dates = hardDatesOf(project);
  const floats = floatsOf(plan, job, dates);
  if (floats.length < 2) return null;
  const nameOf = (id: string) => dates.find((date) => date.id === id)?.what ?? id;
  return (
    <View className="gap-1">
      <SubHeading>How far it may slip</SubHeading>
      {floats.map((float) => {
        const name =
          typeof float.to === 'string' ? GATE_NAMES[float.to] : nameOf(float.to.hardDateId);
        return <Note key={name}>{floatWords(float.days, name)}</Note>;
      })}
    </View>
  );
}

/** Whose hands it needs, where they come from and where they go on, and what it keeps out of the room. */
export function SharedWith({ job }: { job: PlannedJob }) {
  const plan = useAppSelector(selectPlan);
  const jobs = useAppSelector(selectJobsById);
  const project = useAppSelector(selectProject);
  if (!plan || job.doneOn !== null) return null;
  const { hands, room } = sharedWith(plan, job);
  const title = (id: string | null) => {
    const other = id === null ? undefined : jobs.get(id as PlannedJob['id']);
    return other ? `“${other.title}”, ${placeOf(project, other)}` : null;
  };
  const lines = hands.flatMap(({ personId, before, after }) => {
    const who = project.people.find(({ id }) => id === personId)?.name ?? personId;
    const from = title(before);
    const to = title(after);
    const ways = [...(from ? [`come from ${from}`] : []), ...(to ? [`go on to ${to}`] : [])];
    return ways.length > 0 ? [`Hands of ${who}: ${ways.join(', and ')}.`] : [];
  });
  if (lines.length === 0 && room.length === 0) return null;
  return (
    <View className="gap-1">
      <SubHeading>Shares hands and room</SubHeading>
      {lines.map((line) => (
        <Note key={line}>{line}</Note>
      ))}
      {room.length > 0 ? (
        <Note>{`In turns with ${countWords(room.length, 'job')} of the same room, first ${title(room[0] ?? null)}.`}</Note>
      ) : null}
    </View>
  );
}

/** Why it stands on another day than before the last change. */
export function MovedSince({ job }: { job: PlannedJob }) {
  const plan = useAppSelector(selectPlan);
  const before = useAppSelector(selectPlanBefore);
  if (!plan || !before) return null;
  const was = before.jobs.find(({ id }) => id === job.id);
  const whys = whyMoved(before, plan, job.id);
  if (!was || whys.length === 0 || job.doneOn !== null) return null;
  const days = daysBetween(dateOf(was.finish), dateOf(job.finish));
  return (
    <View className="gap-1">
      <SubHeading>{`${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'} than before your last change`}</SubHeading>
      {whys.map((why) => (
        <Note key={why.jobId}>{sayWhy(why, plan)}</Note>
      ))}
    </View>
  );
}
