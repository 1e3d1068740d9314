import { useState } from 'react';
import { View } from 'react-native';
import { stageName } from '@/core/trade/steps/stages';
import { stageBoards } from '@/core/planning/report';
import { extentsOf, isOutside, type Place, type PlaceId } from '@/core/house';
import { countWords, formatArea, formatDate, formatLength } from '@/core/units';
import { TakeBack } from '@/features/history';
import { JobSlip } from '@/features/job';
import { DroppedJobs } from '@/features/job/forms';
import { Page, PlanState } from '@/features/shell';
import { selectJobs, selectPlaces, selectProject, selectToday, useAppSelector } from '@/store';
import { Button, ButtonLink, Empty, Fact, Section } from '@/ui';
import { DaysWithout } from './DaysWithout';
import { PlaceToday } from './PlaceToday';
import { PlaceRecords } from './PlaceRecords';
import { SizeEditor } from './SizeEditor';
import { WholeHouseWorks, Works } from './Works';

const WHOLE = 'whole';

/** One room's story: its sizes, what is to happen, its boards and jobs, what was found and spent. */
export function PlaceScreen({ placeId }: { placeId: string }) {
  const place = useAppSelector(selectPlaces).find(({ id }) => id === placeId);
  if (placeId === WHOLE) {
    return (
      <Page title="Whole house">
        <PlanState />
        <WholeHouseWorks />
        <Stages placeId={null} />
        <PlaceRecords placeId={null} />
      </Page>
    );
  }
  if (!place) {
    return (
      <Page title="No such place">
        <Empty title="This place is not in the house" note="It may have been removed.">
          <ButtonLink href="/house" label="Back to the house" />
        </Empty>
      </Page>
    );
  }
  return (
    <Page title={place.name}>
      <PlanState />
      <Sizes place={place} />
      <PlaceToday place={place} />
      <Works place={place} />
      <DaysWithout place={place} />
      <Stages placeId={place.id} />
      <PlaceRecords placeId={place.id} />
    </Page>
  );
}

function Sizes({ place }: { place: Place }) {
  const { units, measured } = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [editing, setEditing] = useState(false);
  if (editing) return <SizeEditor place={place} onClose={() => setEditing(false)} />;
  const sides = place.walls.map(({ length }) => formatLength(length, units)).join(', ');
  const extents = extentsOf(place);
  const along = formatLength(extents.run, units);
  const on = measured[place.id];
  const openings = place.openings?.length ?? 0;
  const height = formatLength(place.height, units);
  const less = openings > 0 ? `, less ${countWords(openings, 'opening')}` : '';
  const wallName =
    place.kind === 'outside-face'
      ? 'The face, one surface'
      : openings > 0
        ? 'Walls, openings taken off'
        : 'Walls, openings not taken off';
  return (
    <Section title="Sizes" sum={on ? `measured ${formatDate(on, today)}` : 'quick sizes'}>
      <View>
        {extents.floor > 0 ? (
          <Fact
            name={place.kind === 'roof' ? 'Plan' : place.kind === 'yard' ? 'Ground' : 'Floor'}
            figure={formatArea(extents.floor, units)}
            working={`from the walls ${sides}`}
          />
        ) : null}
        {place.kind === 'roof' ? (
          <Fact
            name="Roof as it is covered"
            figure={formatArea(extents.ceiling, units)}
            working="plan by pitch; 6 in 12 until the pitch is measured"
          />
        ) : null}
        {extents.wallsGross > 0 ? (
          <Fact
            name={wallName}
            figure={formatArea(extents.walls, units)}
            working={`${along} ${place.kind === 'outside-face' ? 'long' : 'round'} × ${height} high${less}`}
          />
        ) : null}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <ButtonLink href={`/measure/${place.id}`} label="Measure with the tape" />
        {isOutside(place.kind) ? null : (
          <ButtonLink href={`/finishes/${place.id}`} label="Finishes" />
        )}
        <Button label="Change name or sizes" onPress={() => setEditing(true)} />
      </View>
      {on ? (
        <TakeBack
          about={`place/${place.id}`}
          what={`the sizes of ${place.name}`}
          label="Take back what was last said of its sizes"
        />
      ) : null}
    </Section>
  );
}

function Stages({ placeId }: { placeId: PlaceId | null }) {
  const jobs = useAppSelector(selectJobs);
  const boards = stageBoards(jobs, placeId);
  const done = boards.filter(({ state }) => state === 'done').length;
  return (
    <View className="gap-4">
      {boards.length === 0 ? null : (
        <Section title="Its jobs" sum={`${done} of ${boards.length} stages done`}>
          {null}
        </Section>
      )}
      {boards.map(({ stage, jobs: here }) => (
        <Section key={stage} title={stageName(stage)}>
          {here.map((job) => (
            <JobSlip key={job.id} job={job} />
          ))}
        </Section>
      ))}
      <ButtonLink
        className="self-start"
        href={{ pathname: '/job/new', params: placeId === null ? {} : { place: placeId } }}
        label="Add a job here"
      />
      <DroppedJobs placeId={placeId} />
    </View>
  );
}
