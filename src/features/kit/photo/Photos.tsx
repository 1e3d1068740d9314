import Camera from 'lucide-react-native/icons/camera';
import { useEffect, useState, type ReactNode } from 'react';
import { Image, Pressable, View } from 'react-native';
import type { Element, Photo, PlaceId } from '@/core/house';
import { formatDate } from '@/core/units';
import {
  keep,
  loadPhoto,
  loadThumb,
  placeNameIn,
  selectProject,
  selectToday,
  takePhoto,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, usePalette } from '@/ui';
import { pickFile } from './pick-file';

/** The photos of a place, of one element of it, or of something else, with the button that takes one more. */
export function Photos({
  placeId,
  element = null,
  of,
  about,
  take = true,
}: {
  placeId: PlaceId | null;
  element?: Element | null;
  /** What else than the place they show, such as `job/floor0/hold.electric`. */
  of?: string;
  about: string;
  take?: boolean;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const palette = usePalette();
  const photos = Object.values(project.photos).filter((photo) =>
    of === undefined
      ? photo.about === undefined && photo.placeId === placeId && photo.element === element
      : photo.about === of,
  );
  const add = async () => {
    const file = await pickFile('image/*');
    if (file) await dispatch(takePhoto(file, placeId, element, of));
  };
  if (!take && photos.length === 0) return null;
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      {take ? (
        <Pressable
          role="button"
          aria-label={`Photo of ${about}`}
          onPress={() => void add()}
          className="min-h-target min-w-target items-center justify-center rounded-board border border-soft"
        >
          <Camera aria-hidden size={22} color={palette.ink} />
        </Pressable>
      ) : null}
      {photos.map((photo) => (
        <OnePhoto key={photo.id} photo={photo} removable={take} />
      ))}
    </View>
  );
}

/** The picture's address once it was read, the small one or the whole; null while it is not there, or not on this device. */
export function usePicture(id: string | null, large: boolean): string | null {
  const dispatch = useAppDispatch();
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    if (id === null) return undefined;
    // The small one stands until the whole is there.
    void dispatch((large ? loadPhoto : loadThumb)(id)).then((found) => {
      if (!gone) setPicture(found);
    });
    return () => {
      gone = true;
    };
  }, [dispatch, id, large]);
  return id === null ? null : picture;
}

const SMALL = { width: 64, height: 48 };
const LARGE = { width: 320, height: 240 };

/** A picture by its id, larger at a tap; `children` stand under the large one. */
export function PictureOf({
  id,
  about,
  children,
}: {
  id: string;
  about: string;
  children?: ReactNode;
}) {
  const [large, setLarge] = useState(false);
  const picture = usePicture(id, large);
  if (picture === null) return <Note>{`${about}: not on this device`}</Note>;
  return (
    <View className="gap-1">
      <Pressable
        role="button"
        aria-label={`${large ? 'Smaller' : 'Larger'}: ${about}`}
        onPress={() => setLarge(!large)}
      >
        <Image
          source={{ uri: picture }}
          style={large ? LARGE : SMALL}
          resizeMode="cover"
          aria-label={about}
        />
      </Pressable>
      {large ? children : null}
    </View>
  );
}

function OnePhoto({ photo, removable }: { photo: Photo; removable: boolean }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const words = `${photo.element ?? 'photo'}, ${placeNameIn(project, photo.placeId)}, ${formatDate(photo.on, today)}`;
  return (
    <PictureOf id={photo.id} about={words}>
      {removable ? (
        <Button
          look="quiet"
          className="self-start"
          label="Take it off"
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'photoDropped', payload: { photoId: photo.id } }],
                'Took the photo off.',
              ),
            )
          }
        />
      ) : null}
    </PictureOf>
  );
}
