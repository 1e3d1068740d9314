import { View } from 'react-native';
import { floorArea, type Place, type PlaceId } from '@/core/house';
import { formatArea, type UnitSystem } from '@/core/units';
import { KIND_NAMES, RoomForm, type RoomRead } from '@/features/house/room';
import { Button, Note, Section, Slip } from '@/ui';

/** Rooms, one after the other; more can be added at any time later. */
export function RoomsStep({
  units,
  places,
  onRoom,
  onRemove,
  onBack,
  onStart,
}: {
  units: UnitSystem;
  places: readonly Place[];
  onRoom: (room: RoomRead) => boolean;
  onRemove: (id: PlaceId) => void;
  onBack: () => void;
  onStart: () => void;
}) {
  return (
    <View className="gap-5">
      {places.length > 0 ? (
        <Section
          title="So far"
          sum={`${places.length} ${places.length === 1 ? 'place' : 'places'}`}
        >
          {places.map((place) => (
            <Slip
              key={place.id}
              title={place.name}
              note={KIND_NAMES[place.kind]}
              figure={formatArea(floorArea(place), units)}
            >
              <Button
                look="quiet"
                className="self-start"
                label="Remove"
                hint={`Remove ${place.name}`}
                onPress={() => onRemove(place.id)}
              />
            </Slip>
          ))}
        </Section>
      ) : (
        <Note>
          Add the first room. Length and width make four walls; other shapes come with measuring.
        </Note>
      )}
      <RoomForm draftOf="device" units={units} action="Add this room" onRoom={onRoom} />
      <View className="flex-row flex-wrap gap-3 border-t border-line pt-4">
        <Button
          look="main"
          className="flex-1"
          label="Start the house"
          disabled={places.length === 0}
          onPress={onStart}
        />
        <Button label="Back" onPress={onBack} />
      </View>
    </View>
  );
}
