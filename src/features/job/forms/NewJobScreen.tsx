import { cents } from '@/core/units';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { toldOf, type PlaceId, type Project } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { WHOLE_HOUSE } from '@/features/kit/form';
import { Page } from '@/features/shell';
import { freshId, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Note } from '@/ui';
import { JobForm } from './JobForm';
import { emptyJob } from './job-form';

/** Where a job comes from: a find or something put off in the log by its id, a change order by its own. */
type From = { place?: string; find?: string; next?: string; change?: string };

type Told = { text: string; placeId: PlaceId | null };

const findIn = (project: Project, id: string | undefined): Told | undefined =>
  toldOf(project, 'find').find((each) => each.id === id)?.entry;

/** A find may be told at length; a title is short. */
const MOST_LETTERS = 120;

/** A job of one's own on a page of its own; out of a find it is a change order with its cause. */
export function NewJobScreen({ place, find, next, change }: From) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [ids] = useState(() => ({ job: dispatch(freshId()), change: dispatch(freshId()) }));
  const found = findIn(project, find);
  const putOff = toldOf(project, 'next').find(({ id }) => id === next);
  const known = change === undefined ? undefined : project.changes[change];
  const placeId =
    known?.placeId ??
    found?.placeId ??
    putOff?.entry.placeId ??
    project.places[place ?? '']?.id ??
    null;
  const before: EventBodyOf[] = found
    ? [
        {
          type: 'changeOrdered',
          payload: {
            id: ids.change,
            on: today,
            title: found.text.slice(0, MOST_LETTERS),
            placeId: found.placeId,
            cause: { kind: 'find', text: found.text, ...(find ? { entryId: find } : {}) },
            cents: cents(0),
            drawsOn: 'contingency',
          },
        },
      ]
    : putOff
      ? [{ type: 'nextDone', payload: { id: putOff.id, on: today } }]
      : [];
  const changeId = known?.id ?? (found ? ids.change : undefined);
  const because = found?.text ?? known?.title ?? 'a job of your own';
  return (
    <Page title="Add a job">
      {found || known ? (
        <Note>{`Because of: ${because}. It counts as a change order.`}</Note>
      ) : null}
      <JobForm
        id={`${placeId ?? 'house'}/own.${ids.job}`}
        isNew
        initial={emptyJob({
          placeId: placeId ?? WHOLE_HOUSE,
          title: (found?.text ?? putOff?.entry.text ?? '').slice(0, MOST_LETTERS),
        })}
        origin={{ because, ...(changeId ? { changeId } : {}), before }}
        onDone={() => (router.canGoBack() ? router.back() : router.replace('/order'))}
      />
    </Page>
  );
}
