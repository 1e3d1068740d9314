import { useState } from 'react';
import { View } from 'react-native';
import { hasWallsToRecord, isClosed, isPlaced, recordOf, surfacesOf } from '@/core/records/walls';
import { isOutside, type Place, type WallRecord } from '@/core/house';
import { formatDate } from '@/core/units';
import { Page } from '@/features/shell';
import {
  keep,
  selectPlaces,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Choice, Empty, Note, Section, Slip } from '@/ui';
import { OneSurface } from './OneSurface';
import { heldTitle, heldWords, surfaceKey, surfaceName } from './words';

/** What is behind the walls of one room: drawn, recorded by a tap, and asked. */
export function WallsScreen({ placeId }: { placeId: string }) {
  const place = useAppSelector(selectPlaces).find(({ id }) => id === placeId);
  if (!place || isOutside(place.kind)) {
    return (
      <Page title="No walls to record">
        <Empty title="This is no room of the house" note="It may have been removed.">
          <ButtonLink href="/walls" label="Behind all walls" />
        </Empty>
      </Page>
    );
  }
  return (
    <Page title={`Behind the walls, ${place.name}`}>
      <Walls place={place} />
    </Page>
  );
}

function Walls({ place }: { place: Place }) {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const { units, wallRecords, measured } = project;
  const surfaces = surfacesOf(place);
  const [key, setKey] = useState(surfaceKey(surfaces[0] ?? { kind: 'floor' }));
  const at = surfaces.find((each) => surfaceKey(each) === key) ?? surfaces[0];
  const records = Object.values(wallRecords).filter((record) => record.placeId === place.id);
  const inWords = records.filter((record) => !isPlaced(record, place));
  if (!at) return null;
  return (
    <View className="gap-4">
      {measured[place.id] ? null : (
        <Note>
          This room stands at quick sizes. Measure it first, so that offsets are counted on walls as
          long as the real ones.
        </Note>
      )}
      {plan && !hasWallsToRecord(plan, place) ? (
        <Note>
          No work of yours opens the walls of this room: what is behind them was closed before, and
          only what you record is known.
        </Note>
      ) : null}
      <Choice
        label="Which wall"
        tight
        value={key}
        options={surfaces.map((each) => ({
          value: surfaceKey(each),
          label: surfaceName(place, each, units),
        }))}
        onChange={setKey}
      />
      <OneSurface
        key={key}
        place={place}
        at={at}
        record={recordOf(project, place, at)}
        isClosed={plan !== null && isClosed(plan, place)}
      />
      {inWords.length > 0 ? (
        <Section title="On no wall of this room">
          <Note>
            Said in words only, or recorded before the room was drawn with other walls. Nothing of
            it is lost: record it on the wall where it is, then drop it here.
          </Note>
          {inWords.map((record) => (
            <InWords key={record.id} record={record} />
          ))}
        </Section>
      ) : null}
      <ButtonLink
        look="quiet"
        className="self-start"
        href="/walls"
        label="Find it in the whole house"
      />
    </View>
  );
}

function InWords({ record }: { record: WallRecord }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { units } = useAppSelector(selectProject);
  return (
    <Slip
      title={record.wall}
      note={record.holds
        .map((held) => `${heldTitle(held)} ${heldWords(held, undefined, units)}`)
        .join(' · ')}
      figure={formatDate(record.on, today)}
    >
      <Button
        look="quiet"
        className="self-start"
        label="Drop this record"
        hint={`Drop this record: ${record.wall}`}
        onPress={() =>
          void dispatch(
            keep(
              [{ type: 'wallRecordDropped', payload: { id: record.id } }],
              `No record any more: ${record.wall}.`,
            ),
          )
        }
      />
    </Slip>
  );
}
