import { useState } from 'react';
import { View } from 'react-native';
import { changedSince, heldFault, movedBy, placingStep, recordWith } from '@/core/records/walls';
import type { Held, Place, SurfaceRef, WallRecord } from '@/core/house';
import { countWords, formatDate } from '@/core/units';
import { PictureOf } from '@/features/kit/photo';
import {
  freshId,
  keep,
  noticed,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Slip, Strong } from '@/ui';
import { AskForm } from './AskForm';
import { Elevation } from './Elevation';
import type { Spot } from './elevation-marks';
import { OverlayForm } from './OverlayForm';
import { SinceCard } from './SinceCard';
import { ThingForm } from './ThingForm';
import { faultWords, heldTitle, heldWords, surfaceName } from './words';

type Mode = { is: 'none' | 'add' | 'ask' | 'overlay' } | { is: 'change'; nth: number };
const NONE: Mode = { is: 'none' };

/** One wall, ceiling or floor: its drawing, what is behind it, and all that can be said of it. */
export function OneSurface({
  place,
  at,
  record,
  isClosed,
}: {
  place: Place;
  at: SurfaceRef;
  record: WallRecord | undefined;
  /** The room was closed: what nobody recorded cannot be looked at any more. */
  isClosed: boolean;
}) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const project = useAppSelector(selectProject);
  const { units } = project;
  const [mode, setMode] = useState<Mode>(NONE);
  const [spot, setSpot] = useState<Spot | null>(null);
  const name = surfaceName(place, at, units);
  const holds = record?.holds ?? [];
  const write = (said: Parameters<typeof recordWith>[3], says: string) =>
    dispatch(
      keep(
        [
          {
            type: 'wallRecorded',
            payload: recordWith(project, place, at, said, { id: dispatch(freshId()), on: today }),
          },
        ],
        says,
      ),
    );
  const drop = (says: string) =>
    record
      ? dispatch(keep([{ type: 'wallRecordDropped', payload: { id: record.id } }], says))
      : Promise.resolve(false);
  /** The things without one, or the record gone with its last. */
  const without = (held: Held) => {
    const rest = holds.filter((other) => other !== held);
    const says = `Taken out: ${heldTitle(held)}.`;
    return rest.length > 0 || record?.photoId ? write({ holds: rest }, says) : drop(says);
  };
  const done = () => {
    setMode(NONE);
    setSpot(null);
  };
  const change = (nth: number) => {
    const held = holds[nth];
    if (!held) return;
    setSpot({ offset: held.offset, height: held.height });
    setMode({ is: 'change', nth });
  };
  const move = (nth: number, by: { offset: number; height: number }) => {
    const held = holds[nth];
    if (!held) return;
    const next = movedBy(held, by, placingStep(units));
    const others = holds.filter((other) => other !== held);
    const fault = heldFault(place, at, next, others);
    if (fault) dispatch(noticed(`Not moved. ${faultWords(fault, units)}`));
    else {
      const moved = holds.map((other) => (other === held ? next : other));
      void write({ holds: moved }, `Moved: ${heldTitle(held)}, ${heldWords(next, at, units)}.`);
    }
  };
  const isIdle = mode.is === 'none';
  // Until it is said which corner stayed, nothing new is counted on the wall.
  const isOpen = record === undefined || changedSince(record, place).is !== 'resized';
  const canChange = isIdle && isOpen;
  return (
    <View className="gap-3">
      <Elevation
        place={place}
        at={at}
        units={units}
        holds={holds}
        spot={isIdle ? null : spot}
        overlay={
          record?.photoId && record.overlay
            ? { photoId: record.photoId, points: record.overlay }
            : undefined
        }
        spoken={`${name}. ${holds.length === 0 ? 'Nothing recorded.' : countWords(holds.length, 'thing')}`}
        onTap={(tapped) => {
          setSpot(tapped);
          if (canChange) setMode({ is: 'add' });
        }}
        onChoose={canChange ? change : undefined}
        onMove={canChange ? move : undefined}
      />
      <Strong>{standing(record, isClosed, today)}</Strong>
      {record ? <SinceCard place={place} record={record} /> : null}
      {record?.photoId ? <PictureOf id={record.photoId} about={`${place.name}, ${name}`} /> : null}
      {holds.map((held, nth) =>
        mode.is === 'change' && mode.nth === nth ? null : (
          <Slip
            key={nth}
            title={`${nth + 1}. ${heldTitle(held)}`}
            note={heldWords(held, at, units)}
          >
            <View className="flex-row flex-wrap gap-2">
              {isOpen ? (
                <Button
                  look="quiet"
                  label="Change it"
                  hint={`Change it: ${heldTitle(held)}`}
                  onPress={() => change(nth)}
                />
              ) : null}
              <Button
                look="quiet"
                label="Take it out"
                hint={`Take it out: ${heldTitle(held)}`}
                onPress={() => void without(held)}
              />
            </View>
          </Slip>
        ),
      )}
      {mode.is === 'add' || mode.is === 'change' ? (
        <ThingForm
          key={mode.is === 'change' ? mode.nth : 'new'}
          place={place}
          at={at}
          held={mode.is === 'change' ? holds[mode.nth] : undefined}
          others={mode.is === 'change' ? holds.filter((_, nth) => nth !== mode.nth) : holds}
          spot={spot}
          onKeep={(held) =>
            mode.is === 'change'
              ? write(
                  { holds: holds.map((other, nth) => (nth === mode.nth ? held : other)) },
                  `Put right: ${heldTitle(held)}, ${name}.`,
                )
              : write({ holds: [...holds, held] }, `Recorded: ${heldTitle(held)}, ${name}.`)
          }
          onDone={done}
        />
      ) : null}
      {mode.is === 'ask' ? (
        <AskForm place={place} at={at} spot={spot} onSpot={setSpot} onDone={done} />
      ) : null}
      {mode.is === 'overlay' ? (
        <OverlayForm
          place={place}
          at={at}
          record={record}
          onKeep={(photoId, overlay) => write({ photoId, overlay }, `Laid over: ${name}.`)}
          onDone={done}
        />
      ) : null}
      {isIdle ? (
        <View className="flex-row flex-wrap gap-2">
          {isOpen ? <Button label="Record a thing" onPress={() => setMode({ is: 'add' })} /> : null}
          <Button label="May I screw here?" onPress={() => setMode({ is: 'ask' })} />
          {isOpen ? (
            <Button
              label={record?.overlay ? 'Lay the photo anew' : 'Lay a photo over it'}
              onPress={() => setMode({ is: 'overlay' })}
            />
          ) : null}
          {holds.length === 0 && !record?.clear && !record?.unseen ? (
            <Button
              label="Nothing in it"
              hint={`Nothing in it: ${name}`}
              onPress={() => void write({ clear: true }, `Nothing in it: ${name}.`)}
            />
          ) : null}
          {isClosed && holds.length === 0 && !record?.clear && !record?.unseen ? (
            <Button
              label="Closed, nobody knows"
              hint={`Closed, nobody knows: ${name}`}
              onPress={() => void write({ unseen: true }, `Closed unseen: ${name}.`)}
            />
          ) : null}
          {record?.clear || record?.unseen ? (
            <Button
              look="quiet"
              label="Take that back"
              hint={`Take back what was said of ${name}`}
              onPress={() => void drop(`Not recorded any more: ${name}.`)}
            />
          ) : null}
        </View>
      ) : null}
      {record?.unseen ? (
        <Note>Closed before anybody looked. Look with a detector before you drill here.</Note>
      ) : null}
    </View>
  );
}

/** What is known of the surface, in a few words. */
function standing(
  record: WallRecord | undefined,
  isClosed: boolean,
  today: Parameters<typeof formatDate>[1],
): string {
  if (record?.clear) return `Nothing in it, ${formatDate(record.on, today)}`;
  if (record?.unseen) return `Closed unseen, ${formatDate(record.on, today)}`;
  if (!record || record.holds.length === 0) {
    return isClosed ? 'Closed, and never recorded' : 'Not recorded yet';
  }
  return `${countWords(record.holds.length, 'thing')}, ${formatDate(record.on, today)}`;
}
