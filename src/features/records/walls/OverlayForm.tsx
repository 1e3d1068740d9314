import { useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import { z } from 'zod';
import { heldFault, overlayFault } from '@/core/records/walls';
import type { Place, SurfaceRef, WallRecord } from '@/core/house';
import { ticks } from '@/core/units';
import { FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { pickFile, usePicture } from '@/features/kit/photo';
import { keep, noticed, selectProject, storePhoto, useAppDispatch, useAppSelector } from '@/store';
import { Button, Choice, Note } from '@/ui';
import { spotField } from './spot-field';
import { faultWords, spotLabels, surfaceKey } from './words';

type Overlay = NonNullable<WallRecord['overlay']>;
type InPicture = { across: number; down: number };

const WHICH = [
  { value: '0', label: 'First spot' },
  { value: '1', label: 'Second spot' },
];
const TWO_SPOTS =
  'Tap two spots in the photo that lie well apart, such as two corners of the wall.';
const DIFFERENT = 'The two spots cannot be at the same place of the wall. Measure again.';

/** A photo of the open wall, and two spots of it whose place is known: the rest of it follows. */
export function OverlayForm({
  place,
  at,
  record,
  onKeep,
  onDone,
}: {
  place: Place;
  at: SurfaceRef;
  record: WallRecord | undefined;
  onKeep: (photoId: string, overlay: Overlay) => Promise<boolean>;
  onDone: () => void;
}) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectProject);
  const [photoId, setPhotoId] = useState(record?.photoId ?? null);
  const [which, setWhich] = useState(0);
  const [spots, setSpots] = useState<readonly (InPicture | null)[]>(
    record?.overlay?.map(({ across, down }) => ({ across, down })) ?? [null, null],
  );
  const picture = usePicture(photoId, true);
  const labels = spotLabels(at);
  const of = useKeptForm({
    name: `overlay/${place.id}/${surfaceKey(at)}`,
    schema: z.object({
      offset0: spotField(true),
      height0: spotField(true),
      offset1: spotField(true),
      height1: spotField(true),
    }),
    initial: { offset0: '', height0: '', offset1: '', height1: '' },
    onDone,
    onKeep: ({ offset0, height0, offset1, height1 }) => {
      const onWall = [
        { offset: offset0 ?? ticks(0), height: height0 ?? ticks(0) },
        { offset: offset1 ?? ticks(0), height: height1 ?? ticks(0) },
      ];
      const fault = onWall.map((spot) => heldFault(place, at, spot, []));
      for (const nth of [0, 1] as const) {
        const found = fault[nth];
        if (found && found.code !== 'in-opening') {
          return { field: `offset${nth}` as const, message: faultWords(found, units) };
        }
      }
      const overlay = onWall.flatMap((spot, nth) => {
        const inPicture = spots[nth];
        return inPicture ? [{ ...inPicture, ...spot }] : [];
      });
      if (photoId === null || overlay.length < 2) {
        return { field: 'offset0' as const, message: TWO_SPOTS };
      }
      const twice = overlayFault(overlay);
      if (twice) {
        return {
          field: 'offset1' as const,
          message: twice === 'same-in-picture' ? TWO_SPOTS : DIFFERENT,
        };
      }
      return onKeep(photoId, overlay);
    },
  });
  const take = async () => {
    const file = await pickFile('image/*');
    if (!file) return;
    const about = record ? `wall/${record.id}` : `place/${place.id}`;
    const stored = await dispatch(storePhoto(file, place.id, null, about));
    if (!stored.ok) {
      dispatch(noticed(stored.message));
      return;
    }
    if (await dispatch(keep([stored.event], 'Kept the photo.'))) {
      setPhotoId(stored.id);
      setSpots([null, null]);
    } else await stored.forget();
  };
  return (
    <FormCard of={of} title="A photo over the drawing" action="Lay it over">
      <Button
        className="self-start"
        label={photoId === null ? 'Take or choose the photo' : 'Another photo'}
        onPress={() => void take()}
      />
      {picture !== null ? (
        <>
          <Note>{TWO_SPOTS}</Note>
          <Choice
            label="Which spot"
            tight
            value={String(which)}
            options={WHICH}
            onChange={(value) => setWhich(Number(value))}
          />
          <PictureToTap
            picture={picture}
            spots={spots}
            onTap={(tapped) => {
              setSpots(spots.map((spot, nth) => (nth === which ? tapped : spot)));
              setWhich(1);
            }}
          />
        </>
      ) : null}
      {[0, 1].map((nth) => (
        <View key={nth} className="flex-row flex-wrap gap-3">
          {(['offset', 'height'] as const).map((measure) => (
            <TextField
              key={measure}
              name={`${measure}${nth}`}
              label={`${nth === 0 ? 'First' : 'Second'}: ${labels[measure].toLowerCase()}`}
              placeholder={nth === 0 ? '0"' : '96"'}
              className="min-w-[130px] flex-1"
            />
          ))}
        </View>
      ))}
    </FormCard>
  );
}

const TALL = 260;

/** The photo, whole and to its own shape, with the spots that were tapped. */
function PictureToTap({
  picture,
  spots,
  onTap,
}: {
  picture: string;
  spots: readonly (InPicture | null)[];
  onTap: (spot: InPicture) => void;
}) {
  const [shape, setShape] = useState(4 / 3);
  return (
    <Pressable
      role="button"
      aria-label="Tap the spot in the photo"
      style={{ height: TALL, aspectRatio: shape, maxWidth: '100%' }}
      onPress={(event) => {
        const paper = event.currentTarget as unknown as HTMLElement;
        const { left, top, width, height } = paper.getBoundingClientRect();
        const { clientX, clientY } = event.nativeEvent as unknown as MouseEvent;
        const share = (value: number) => Math.round(1000 * Math.min(1, Math.max(0, value)));
        onTap({ across: share((clientX - left) / width), down: share((clientY - top) / height) });
      }}
    >
      <Image
        source={{ uri: picture }}
        style={{ width: '100%', height: '100%' }}
        resizeMode="stretch"
        aria-label="The open wall"
        onLoad={() =>
          Image.getSize(picture, (width, height) => setShape(width / Math.max(1, height)))
        }
      />
      {spots.map((spot, nth) =>
        spot ? (
          <View
            key={nth}
            aria-hidden
            className="absolute h-4 w-4 rounded-full border-2 border-brick bg-paper"
            style={{
              left: `${spot.across / 10}%`,
              top: `${spot.down / 10}%`,
              transform: [{ translateX: -8 }, { translateY: -8 }],
            }}
          />
        ) : null,
      )}
    </Pressable>
  );
}
