import { useState } from 'react';
import { View } from 'react-native';
import { recordWith, type BeforeClosing } from '@/core/records/walls';
import { surfaceTitle, type Person, type Place, type SurfaceRef } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { whenWords } from '@/features/job';
import {
  freshId,
  keep,
  placeOf,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { BlockLink, Button, ButtonLink, Note, Strong } from '@/ui';

/** What would be covered up, wall by wall and job by job, each with its way out. */
export function Missing({ surfaces, jobs }: BeforeClosing) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const places = [...new Set(surfaces.map(({ place }) => place))];
  return (
    <View className="gap-2">
      {places.map((place) => (
        <Walls
          key={place.id}
          place={place}
          surfaces={surfaces.filter((each) => each.place === place).map(({ at }) => at)}
        />
      ))}
      {jobs.map((job) => (
        <BlockLink key={job.id} href={{ pathname: '/job', params: { id: job.id } }}>
          <Strong>{`${job.title}, ${placeOf(project, job)}`}</Strong>
          <Note>
            {job.work.kind === 'inspection'
              ? `It has not passed; planned for ${whenWords(job, today)}.`
              : `It is not done; ${whoseWords(job, project.people)}, planned for ${whenWords(job, today)}.`}
          </Note>
        </BlockLink>
      ))}
    </View>
  );
}

const whoseWords = ({ by, work }: PlannedJob, people: readonly Person[]): string => {
  if (work.kind === 'subcontract') return work.trade;
  return people.find(({ id }) => id === by)?.name ?? 'yours';
};

function Walls({ place, surfaces }: { place: Place; surfaces: readonly SurfaceRef[] }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const names = surfaces.map((at) => surfaceTitle(at).toLowerCase());
  const nothingIn = (at: SurfaceRef) =>
    dispatch(
      keep(
        [
          {
            type: 'wallRecorded',
            payload: recordWith(
              project,
              place,
              at,
              { clear: true },
              { id: dispatch(freshId()), on: today },
            ),
          },
        ],
        `Nothing in it: ${surfaceTitle(at)}, ${place.name}.`,
      ),
    );
  return (
    <View className="gap-2">
      <Note className="text-ink">{`Not recorded in ${place.name}: ${names.join(', ')}.`}</Note>
      <View className="flex-row flex-wrap gap-2">
        <ButtonLink
          href={{ pathname: '/walls/[placeId]', params: { placeId: place.id } }}
          label="Record them"
          hint={`Record what is behind the walls, ${place.name}`}
        />
        <Button
          label={asking ? 'Not now' : 'Nothing in some of them'}
          hint={`${asking ? 'Not now' : 'Nothing in some of them'}: ${place.name}`}
          onPress={() => setAsking(!asking)}
        />
      </View>
      {asking ? (
        <View className="flex-row flex-wrap gap-2">
          {surfaces.map((at) => (
            <Button
              key={surfaceTitle(at)}
              label={`Nothing in ${surfaceTitle(at).toLowerCase()}`}
              hint={`Nothing in ${surfaceTitle(at).toLowerCase()}, ${place.name}`}
              onPress={() => void nothingIn(at)}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}
