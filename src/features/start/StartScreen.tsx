import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { z } from 'zod';
import { placeIdSchema, placeSchema, type Place } from '@/core/house';
import { dateOf } from '@/core/units';
import { useKeptForm } from '@/features/kit/form';
import { placeFrom, type RoomRead } from '@/features/house/room';
import { freshId, loadDraft, momentOf, saveDraft, startHouse, useAppDispatch } from '@/store';
import { Body, ButtonLink, PageTitle, Small } from '@/ui';
import { emptyStart, startEvents, startFormSchema, type StartRead } from './form';
import { HouseStep } from './HouseStep';
import { RoomsStep } from './RoomsStep';

const ROOMS_DRAFT = 'start rooms';

const roomsDraftSchema = z
  .string()
  .transform((text, context): unknown => {
    try {
      return JSON.parse(text);
    } catch {
      context.addIssue({ code: 'custom', message: 'not JSON' });
      return z.NEVER;
    }
  })
  .pipe(z.array(placeSchema).min(1));

/** Two short steps: the house with its hours, then its rooms. Typed words survive a reload. */
export function StartScreen() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const today = useMemo(() => dateOf(momentOf(new Date())), []);
  const [house, setHouse] = useState<StartRead | null>(null);
  const of = useKeptForm({
    name: 'start',
    schema: useMemo(() => startFormSchema(today), [today]),
    initial: emptyStart(today),
    draftOf: 'device',
    onKeep: (read) => {
      setHouse(read);
      // Nothing is kept before there is a house: what was typed stays a draft.
      return false;
    },
  });
  const [places, setPlaces] = useState<Place[]>([]);
  const [failed, setFailed] = useState(false);
  useRoomsDraft(setPlaces);

  const change = (next: Place[]) => {
    setPlaces(next);
    dispatch(saveDraft(ROOMS_DRAFT, JSON.stringify(next), 'device'));
  };
  const addRoom = (room: RoomRead) => {
    const id = placeIdSchema.parse(dispatch(freshId()));
    change([...places, placeFrom(room, id)]);
    return true;
  };
  const start = async () => {
    if (!house) return;
    try {
      await dispatch(startHouse(startEvents(house, places), house.name));
      of.forget();
      dispatch(saveDraft(ROOMS_DRAFT, '', 'device'));
      router.replace('/house');
    } catch {
      setFailed(true);
    }
  };
  return (
    <ScrollView className="flex-1 bg-ground" contentContainerClassName="p-4 pb-16 items-center">
      <View role="main" className="w-full max-w-[640px] gap-5">
        <View className="flex-row items-baseline justify-between">
          <Small>{house ? 'Step 2 of 2' : 'Step 1 of 2'}</Small>
          <ButtonLink look="quiet" href="/welcome" label="Leave" />
        </View>
        <PageTitle>{house ? 'Your rooms' : 'Your house'}</PageTitle>
        {house ? (
          <RoomsStep
            units={house.units}
            places={places}
            onRoom={addRoom}
            onRemove={(id) => change(places.filter((place) => place.id !== id))}
            onBack={() => setHouse(null)}
            onStart={() => void start()}
          />
        ) : (
          <HouseStep of={of} />
        )}
        {failed ? (
          <Body role="alert" className="text-brick">
            The house could not be kept: this device has no room left or refuses to write. What you
            typed is still here; make room and try again.
          </Body>
        ) : null}
      </View>
    </ScrollView>
  );
}

/** Rooms added before a reload are there again behind it. */
function useRoomsDraft(bring: (places: Place[]) => void) {
  const dispatch = useAppDispatch();
  useEffect(() => {
    void dispatch(loadDraft(ROOMS_DRAFT, 'device')).then((draft) => {
      const read = roomsDraftSchema.safeParse(draft);
      if (read.success) bring(read.data);
    });
  }, [dispatch, bring]);
}
