import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { nearestConcealed, heldFault } from '@/core/records/walls';
import type { Place, SurfaceRef } from '@/core/house';
import { formatLength, ticks } from '@/core/units';
import { FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { PictureOf } from '@/features/kit/photo';
import { selectProject, useAppSelector } from '@/store';
import { Body } from '@/ui';
import type { Spot } from './elevation-marks';
import { spotField } from './spot-field';
import { answerWords, faultWords, spotLabels, surfaceName } from './words';

/** "May I screw at 40 from the corner, 60 up?" */
export function AskForm({
  place,
  at,
  spot,
  onSpot,
  onDone,
}: {
  place: Place;
  at: SurfaceRef;
  spot: Spot | null;
  onSpot: (spot: Spot) => void;
  onDone: () => void;
}) {
  const { units, wallRecords } = useAppSelector(selectProject);
  const [asked, setAsked] = useState<Spot | null>(null);
  const labels = spotLabels(at);
  const of = useKeptForm({
    name: `ask-wall/${place.id}`,
    schema: z.object({ offset: spotField(true), height: spotField(true) }),
    initial: { offset: '', height: '' },
    next: (typed) => typed,
    onKeep: ({ offset, height }) => {
      const here = { offset: offset ?? ticks(0), height: height ?? ticks(0) };
      const fault = heldFault(place, at, here, []);
      if (fault) {
        const field = fault.code === 'past-top' ? ('height' as const) : ('offset' as const);
        return { field, message: faultWords(fault, units) };
      }
      setAsked(here);
      onSpot(here);
      return true;
    },
  });
  const { setValue } = of.form;
  useEffect(() => {
    if (!spot) return;
    setValue('offset', formatLength(spot.offset, units));
    setValue('height', formatLength(spot.height, units));
  }, [spot, units, setValue]);
  const answer = asked
    ? nearestConcealed(place, Object.values(wallRecords), { at, ...asked })
    : undefined;
  const name = surfaceName(place, at, units).split(',')[0] ?? '';
  return (
    <View className="gap-3">
      <FormCard of={{ ...of, leave: onDone }} title="May I screw here?" action="Ask the wall">
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="offset"
            label={labels.offset}
            placeholder='40"'
            className="min-w-[130px] flex-1"
          />
          <TextField
            name="height"
            label={labels.height}
            placeholder='60"'
            className="min-w-[130px] flex-1"
          />
        </View>
      </FormCard>
      {answer ? (
        <View role="status" aria-label="What the wall says" className="gap-1">
          {answerWords(answer, units, name.toLowerCase()).map((line) => (
            <Body key={line}>{line}</Body>
          ))}
          {answer.near[0]?.record.photoId ? (
            <PictureOf
              id={answer.near[0].record.photoId}
              about={`${place.name}, ${answer.near[0].record.wall}`}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
