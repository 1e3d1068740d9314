import { View } from 'react-native';
import type { BeforeClosing } from '@/core/behind';
import { placeOf, selectProject, useAppSelector } from '@/store';
import { BlockLink, ButtonLink, Note, Strong } from '@/ui';
import { surfaceName } from '@/features/behind';

/** Why a job that closes walls cannot be ticked: what would be covered up, each with its way there. */
export function NotYet({ missing: { surfaces, jobs } }: { missing: BeforeClosing }) {
  const project = useAppSelector(selectProject);
  const places = [...new Set(surfaces.map(({ place }) => place))];
  return (
    <View role="note" aria-label="Not yet" className="gap-2 rounded-board border border-brick p-3">
      <Strong>Not yet: it would cover up what nobody has recorded or passed.</Strong>
      {places.map((place) => (
        <View key={place.id} className="gap-1">
          <Note className="text-ink">
            {`Not recorded in ${place.name}: ${surfaces
              .filter((each) => each.place === place)
              .map(({ at }) => surfaceName(place, at, project.units).split(',')[0]?.toLowerCase())
              .join(', ')}. Record each, or say that nothing is in it.`}
          </Note>
          <ButtonLink
            className="self-start"
            href={{ pathname: '/walls/[placeId]', params: { placeId: place.id } }}
            label="Record them"
            hint={`Record what is behind the walls, ${place.name}`}
          />
        </View>
      ))}
      {jobs.map((job) => (
        <BlockLink key={job.id} href={{ pathname: '/job', params: { id: job.id } }}>
          <Strong>{`${job.title}, ${placeOf(project, job)}`}</Strong>
          <Note>{job.work.kind === 'inspection' ? 'It has not passed.' : 'It is not done.'}</Note>
        </BlockLink>
      ))}
      <Note>
        Closed already? Say it in your evening’s line: it is kept, and told here as it is.
      </Note>
    </View>
  );
}
