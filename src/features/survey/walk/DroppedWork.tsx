import { useEffect, useState } from 'react';
import type { Dropped } from '@/core/estimating/scope-history';
import { formatMinutes } from '@/core/units';
import { findDropped, placeNameIn, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Note, Section, Slip } from '@/ui';

/** Hours that went into what no decision asks for any more: visible, never lost. */
export function DroppedWork() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const [dropped, setDropped] = useState<Dropped[]>([]);
  useEffect(() => {
    let gone = false;
    void dispatch(findDropped()).then((found) => {
      if (!gone) setDropped(found);
    });
    return () => {
      gone = true;
    };
  }, [dispatch, project]);
  if (dropped.length === 0) return null;
  return (
    <Section title="Spent on what was dropped">
      {dropped.map(({ jobId, title, placeId, minutes }) => (
        <Slip
          key={jobId}
          title={title}
          note={`${placeNameIn(project, placeId)} · nothing asks for it any more; its hours stay logged`}
          figure={formatMinutes(minutes)}
        />
      ))}
      <Note>Money spent in a room stays in Spend, whatever becomes of its works.</Note>
    </Section>
  );
}
