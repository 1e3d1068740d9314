import { useRouter } from 'expo-router';
import { placeIdSchema } from '@/core/house';
import { RoomForm, placeFrom, type RoomRead } from '@/features/house/room';
import { Page } from '@/features/shell';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';

export function NewPlaceScreen() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units } = useAppSelector(selectProject);
  const add = async (room: RoomRead) => {
    const place = placeFrom(room, placeIdSchema.parse(dispatch(freshId())));
    const kept = await dispatch(
      keep([{ type: 'placeAdded', payload: place }], `Added ${place.name}.`),
    );
    if (kept) router.replace(`/house/${place.id}`);
    return kept;
  };
  return (
    <Page title="Add a place">
      <RoomForm units={units} action="Add it" onRoom={add} />
    </Page>
  );
}
