import type { PlaceId } from '@/core/house';
import { formatDate } from '@/core/units';
import {
  keep,
  placeOf,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Folded, Section, Slip } from '@/ui';

/** Jobs left out, with the reason and the way back; of one place, or of all. */
export function DroppedJobs({ placeId }: { placeId?: PlaceId | null }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const rows = (useAppSelector(selectPlan)?.dropped ?? []).filter(
    (job) => placeId === undefined || job.placeId === placeId,
  );
  if (rows.length === 0) return null;
  return (
    <Section title="Left out" sum={String(rows.length)}>
      <Folded
        first={3}
        more={`Show all ${rows.length}`}
        rows={rows.map((job) => {
          const drop = project.droppedJobs[job.id];
          return (
            <Slip
              key={job.id}
              title={job.title}
              note={`${placeOf(project, job)} · ${drop?.because ?? ''}`}
              figure={drop ? formatDate(drop.on, today) : undefined}
            >
              <Button
                look="quiet"
                className="self-start"
                label="Bring it back"
                hint={`Bring it back: ${job.title}`}
                onPress={() =>
                  void dispatch(
                    keep(
                      [{ type: 'jobBroughtBack', payload: { jobId: job.id } }],
                      `${job.title}: back in the plan.`,
                    ),
                  )
                }
              />
            </Slip>
          );
        })}
      />
    </Section>
  );
}
