import { formatDate } from '@/core/units';
import { placeNameIn, selectPlan, selectProject, selectToday, useAppSelector } from '@/store';
import { Section, Slip } from '@/ui';

/** Undecided things, the most pressing first; the date is the latest that moves no gate. */
export function Undecided() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const decisions = (plan?.decisions ?? []).toSorted((a, b) =>
    (a.decideBy ?? '9999').localeCompare(b.decideBy ?? '9999'),
  );
  if (decisions.length === 0) return null;
  return (
    <Section title="Undecided" sum={`${decisions.length}`}>
      {decisions.map(({ id, question, placeId, decideBy, leadDays, holdsUp }) => (
        <Slip
          key={id}
          state="held"
          title={question}
          note={`${placeNameIn(project, placeId)} · ${
            holdsUp.length === 0
              ? 'nothing waits for it yet'
              : `holds up ${holdsUp.length} ${holdsUp.length === 1 ? 'job' : 'jobs'}`
          }`}
          figure={decideBy ? `by ${formatDate(decideBy, today)}` : undefined}
          figureNote={
            decideBy
              ? leadDays > 0
                ? `or a gate slips; ${leadDays} days on the way`
                : 'or a gate slips'
              : undefined
          }
          href={
            placeId === null
              ? '/house'
              : project.surveys[id]
                ? `/walk/${placeId}`
                : `/house/${placeId}`
          }
        />
      ))}
    </Section>
  );
}
