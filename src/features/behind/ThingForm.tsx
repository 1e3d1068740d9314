import { useEffect } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { heldFault } from '@/core/behind';
import { heldSchema, type Held, type Place, type SurfaceRef } from '@/core/house';
import { formatLength, ticks } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  TickField,
  noteField,
  useKeptForm,
} from '@/features/form';
import { selectProject, useAppSelector } from '@/store';
import type { Spot } from './Elevation';
import { spotField } from './spot-field';
import { WHAT_NAMES, faultWords, spotLabels, surfaceKey } from './words';

const WHATS = heldSchema.shape.what.options.map((value) => ({ value, label: WHAT_NAMES[value] }));

/** One thing behind a surface: what, where from, where to, and what shuts it off. */
export function ThingForm({
  place,
  at,
  others,
  spot,
  onKeep,
  onDone,
}: {
  place: Place;
  at: SurfaceRef;
  others: readonly Held[];
  spot: Spot | null;
  onKeep: (held: Held) => Promise<boolean>;
  onDone: () => void;
}) {
  const { units } = useAppSelector(selectProject);
  const labels = spotLabels(at);
  const of = useKeptForm({
    name: `behind/${place.id}/${surfaceKey(at)}`,
    schema: z.object({
      what: heldSchema.shape.what,
      offset: spotField(true),
      height: spotField(true),
      toOffset: spotField(false),
      toHeight: spotField(false),
      hangsOn: noteField,
      later: z.boolean(),
      note: noteField,
    }),
    initial: {
      what: 'supply' as Held['what'],
      offset: '',
      height: '',
      toOffset: '',
      toHeight: '',
      hangsOn: '',
      later: false,
      note: '',
    },
    onDone,
    onKeep: ({ what, offset, height, toOffset, toHeight, hangsOn, later, note }) => {
      const from = { offset: offset ?? ticks(0), height: height ?? ticks(0) };
      // Of a run that goes straight up or along, one measure says it all.
      const isRun = toOffset !== null || toHeight !== null;
      const held: Held = {
        what,
        ...from,
        ...(isRun
          ? { to: { offset: toOffset ?? from.offset, height: toHeight ?? from.height } }
          : {}),
        ...(hangsOn ? { hangsOn } : {}),
        ...(later ? { later: true as const } : {}),
        note: note ?? null,
      };
      const fault = heldFault(place, at, held, others);
      if (!fault) return onKeep(held);
      const field = fault.code === 'past-top' ? ('height' as const) : ('offset' as const);
      return { field, message: faultWords(fault, units) };
    },
  });
  const { setValue } = of.form;
  useEffect(() => {
    if (!spot) return;
    setValue('offset', formatLength(spot.offset, units), { shouldDirty: true });
    setValue('height', formatLength(spot.height, units), { shouldDirty: true });
  }, [spot, units, setValue]);
  return (
    <FormCard of={of} title="What is there" action="Record it">
      <ChoiceField name="what" label="What" tight options={WHATS} />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="offset"
          label={labels.offset}
          placeholder='22"'
          className="min-w-[130px] flex-1"
        />
        <TextField
          name="height"
          label={labels.height}
          placeholder='36"'
          className="min-w-[130px] flex-1"
        />
      </View>
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="toOffset"
          label="It runs to, from the left"
          hint="empty: straight up, or one spot"
          className="min-w-[130px] flex-1"
        />
        <TextField
          name="toHeight"
          label={at.kind === 'wall' ? 'It runs to, up' : 'It runs to, from wall 1'}
          hint="empty: level, or one spot"
          className="min-w-[130px] flex-1"
        />
      </View>
      <TextField name="hangsOn" label="What shuts it off" placeholder="stopcock under the sink" />
      <TextField name="note" label="Note" placeholder="cold, to the garden tap" />
      <TickField name="later" label="Left for later" hint="A capped stub, an empty conduit." />
    </FormCard>
  );
}
