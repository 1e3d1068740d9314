import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Place } from '@/core/house';
import { RoomForm, correctedFrom, typedFrom, type RoomRead } from '@/features/house/room';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note } from '@/ui';

/** Name, kind and sizes of a place, put right; or the place removed. */
export function SizeEditor({ place, onClose }: { place: Place; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units, measured } = useAppSelector(selectProject);
  const [removing, setRemoving] = useState(false);
  const correct = (room: RoomRead) =>
    dispatch(
      keep(
        [{ type: 'placeCorrected', payload: correctedFrom(room, place, units) }],
        `Put ${place.name} right.`,
      ),
    );
  const remove = async () => {
    const kept = await dispatch(
      keep([{ type: 'placeRemoved', payload: { placeId: place.id } }], `Removed ${place.name}.`),
    );
    if (kept) router.replace('/house');
  };
  return (
    <View className="gap-4 rounded-board border border-spruce p-3">
      <RoomForm
        units={units}
        room={{ id: place.id, typed: typedFrom(place, units) }}
        sized={!measured[place.id]}
        action="Keep the change"
        onRoom={correct}
        onDone={onClose}
      />
      <Button
        look="danger"
        className="self-start"
        label="Remove this place"
        onPress={() => setRemoving(true)}
      />
      {removing ? (
        <View className="gap-2">
          <Note className="text-ink">
            Its works go with it. Hours and money logged here stay in the journal and in Spend.
          </Note>
          <Button look="danger" label={`Yes, remove ${place.name}`} onPress={() => void remove()} />
        </View>
      ) : null}
    </View>
  );
}
