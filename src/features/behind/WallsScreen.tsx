import { useState } from 'react';
import { View } from 'react-native';
import { sameSurface, surfacesOf } from '@/core/behind';
import { isOutside, type Held, type Place, type SurfaceRef, type WallRecord } from '@/core/house';
import { countWords, formatDate } from '@/core/units';
import { Page } from '@/features/shell';
import {
  freshId,
  keep,
  selectPlaces,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Choice, Empty, Note, Section, Slip, Strong } from '@/ui';
import { AskForm } from './AskForm';
import { Elevation, type Spot } from './Elevation';
import { ThingForm } from './ThingForm';
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
  const { units, wallRecords, measured } = useAppSelector(selectProject);
  const surfaces = surfacesOf(place);
  const [key, setKey] = useState(surfaceKey(surfaces[0] ?? { kind: 'floor' }));
  const at = surfaces.find((each) => surfaceKey(each) === key) ?? surfaces[0];
  const records = Object.values(wallRecords).filter((record) => record.placeId === place.id);
  const inWords = records.filter(
    (record) => !record.at || !surfaces.some((each) => record.at && sameSurface(each, record.at)),
  );
  if (!at) return null;
  return (
    <View className="gap-4">
      {measured[place.id] ? null : (
        <Note>
          This room stands at quick sizes. Measure it first, so that offsets are counted on walls as
          long as the real ones.
        </Note>
      )}
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
        record={records.find((record) => record.at && sameSurface(record.at, at))}
      />
      {inWords.length > 0 ? (
        <Section title="Recorded in words">
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

type Mode = 'none' | 'add' | 'ask';

function OneSurface({
  place,
  at,
  record,
}: {
  place: Place;
  at: SurfaceRef;
  record: WallRecord | undefined;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { units } = useAppSelector(selectProject);
  const [mode, setMode] = useState<Mode>('none');
  const [spot, setSpot] = useState<Spot | null>(null);
  const name = surfaceName(place, at, units);
  const holds = record?.holds ?? [];
  const write = (next: readonly Held[], says: string) =>
    dispatch(
      keep(
        next.length === 0 && record
          ? [{ type: 'wallRecordDropped', payload: { id: record.id } }]
          : [
              {
                type: 'wallRecorded',
                payload: {
                  id: record?.id ?? dispatch(freshId()),
                  placeId: place.id,
                  wall: record?.wall ?? name.split(',')[0] ?? name,
                  at,
                  on: today,
                  holds: [...next],
                },
              },
            ],
        says,
      ),
    );
  const sayClear = () =>
    dispatch(
      keep(
        [
          {
            type: 'wallRecorded',
            payload: {
              id: dispatch(freshId()),
              placeId: place.id,
              wall: name.split(',')[0] ?? name,
              at,
              on: today,
              clear: true,
              holds: [],
            },
          },
        ],
        `Nothing in it: ${name}.`,
      ),
    );
  return (
    <View className="gap-3">
      <Elevation
        place={place}
        at={at}
        holds={holds}
        spot={mode === 'none' ? null : spot}
        spoken={`${name}. ${holds.length === 0 ? 'Nothing recorded.' : countWords(holds.length, 'thing')}`}
        onTap={(tapped) => {
          setSpot(tapped);
          if (mode === 'none') setMode('add');
        }}
      />
      <Strong>
        {record?.clear
          ? `Nothing in it, ${formatDate(record.on, today)}`
          : holds.length === 0
            ? 'Not recorded yet'
            : `${countWords(holds.length, 'thing')}, ${formatDate(record?.on ?? today, today)}`}
      </Strong>
      {holds.map((held, nth) => (
        <Slip key={nth} title={`${nth + 1}. ${heldTitle(held)}`} note={heldWords(held, at, units)}>
          <Button
            look="quiet"
            className="self-start"
            label="Take it out"
            hint={`Take it out: ${heldTitle(held)}`}
            onPress={() =>
              void write(
                holds.filter((other) => other !== held),
                `Taken out: ${heldTitle(held)}.`,
              )
            }
          />
        </Slip>
      ))}
      {mode === 'add' ? (
        <ThingForm
          place={place}
          at={at}
          others={holds}
          spot={spot}
          onKeep={(held) => write([...holds, held], `Recorded: ${heldTitle(held)}, ${name}.`)}
          onDone={() => {
            setMode('none');
            setSpot(null);
          }}
        />
      ) : null}
      {mode === 'ask' ? (
        <AskForm
          place={place}
          at={at}
          spot={spot}
          onSpot={setSpot}
          onDone={() => setMode('none')}
        />
      ) : null}
      {mode === 'none' ? (
        <View className="flex-row flex-wrap gap-2">
          <Button label="Record a thing" onPress={() => setMode('add')} />
          <Button label="May I screw here?" onPress={() => setMode('ask')} />
          {record ? null : (
            <Button
              label="Nothing in it"
              hint={`Nothing in it: ${name}`}
              onPress={() => void sayClear()}
            />
          )}
          {record?.clear ? (
            <Button
              look="quiet"
              label="Take that back"
              hint={`Take back: nothing in it, ${name}`}
              onPress={() => void write([], `Not recorded any more: ${name}.`)}
            />
          ) : null}
        </View>
      ) : null}
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
