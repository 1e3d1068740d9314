import { JobSlip, inSentence } from '@/features/job';
import { Undecided } from '@/features/survey/walk';
import type { Tonight } from '@/core/log/today';
import { countWords, formatDate, formatAbout } from '@/core/units';
import { placeNameIn, selectProject, selectToday, useAppSelector } from '@/store';
import { ButtonLink, Section, Slip } from '@/ui';

const SHOWN = 4;

/** What must be ordered or decided, who comes and what arrives. */
export function Calls({ tonight }: { tonight: Tonight }) {
  return (
    <>
      <ToOrder tonight={tonight} />
      <Undecided />
      <Coming tonight={tonight} />
    </>
  );
}

function ToOrder({ tonight }: { tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { toOrder } = tonight;
  if (toOrder.length === 0) return null;
  return (
    <Section title="Today’s calls" sum={`${toOrder.length} to order by tomorrow`}>
      {toOrder.slice(0, SHOWN).map((line) => (
        <Slip
          key={line.lineId}
          state="arrives"
          title={`Order ${inSentence(line.what)}`}
          note={`${placeNameIn(project, line.placeId)} · ${countWords(line.units, line.unit)}, about ${formatAbout(line.price, project.currency)}`}
          figure={line.orderBy < today ? 'now' : `by ${formatDate(line.orderBy, today)}`}
          figureNote={`${line.leadDays} days on the way`}
          href="/stores"
        />
      ))}
      {toOrder.length > SHOWN ? (
        <ButtonLink look="quiet" href="/stores" label={`All ${toOrder.length} in Stores`} />
      ) : null}
    </Section>
  );
}

function Coming({ tonight }: { tonight: Tonight }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { arriving, comes } = tonight;
  if (arriving.length + comes.length === 0) return null;
  return (
    <Section title="Comes this week">
      {arriving.map((line) => (
        <Slip
          key={line.lineId}
          state={line.state === 'late' ? 'held' : 'arrives'}
          title={line.what}
          note={`${placeNameIn(project, line.placeId)} · ${line.state === 'late' ? 'late: ask the shop' : 'on the way'}`}
          figure={line.expectedOn ? formatDate(line.expectedOn, today) : undefined}
          figureNote={line.state === 'late' ? 'was promised' : 'promised'}
          href="/stores"
        />
      ))}
      {comes.map(({ job, on }) => (
        <JobSlip
          key={job.id}
          job={job}
          figure={formatDate(on, today)}
          figureNote="at the earliest"
        />
      ))}
    </Section>
  );
}
