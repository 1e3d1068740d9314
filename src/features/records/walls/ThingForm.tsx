import { useEffect } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { heldFault } from '@/core/records/walls';
import { heldSchema, type Held, type Place, type SurfaceRef } from '@/core/house';
import { formatLength, ticks, type Ticks, type UnitSystem } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  TickField,
  noteField,
  useKeptForm,
} from '@/features/kit/form';
import { selectProject, useAppSelector } from '@/store';
import type { Spot } from './elevation-marks';
import { spotField } from './spot-field';
import { WHAT_NAMES, faultWords, heldWords, spotLabels, surfaceKey } from './words';

const WHATS = heldSchema.shape.what.options.map((value) => ({ value, label: WHAT_NAMES[value] }));

/** A thing as it stands in the form; an empty one is a supply pipe, the commonest. */
function typedOf(held: Held | undefined, units: UnitSystem) {
  const length = (value: Ticks | undefined) =>
    value === undefined ? '' : formatLength(value, units);
  return {
    what: held?.what ?? ('supply' as Held['what']),
    offset: length(held?.offset),
    height: length(held?.height),
    toOffset: length(held?.to?.offset),
    toHeight: length(held?.to?.height),
    hangsOn: held?.hangsOn ?? '',
    later: held?.later === true,
    note: held?.note ?? '',
  };
}

/** One thing behind a surface: what, where from, where to, and what shuts it off. */
export function ThingForm({
  place,
  at,
  held: before,
  others,
  spot,
  onKeep,
  onDone,
}: {
  place: Place;
  at: SurfaceRef;
  /** The thing to be put right; undefined for a new one. */
  held: Held | undefined;
  others: readonly Held[];
  spot: Spot | null;
  onKeep: (held: Held) => Promise<boolean>;
  onDone: () => void;
}) {
  const { units } = useAppSelector(selectProject);
  const labels = spotLabels(at);
  const of = useKeptForm({
    name: `behind/${place.id}/${surfaceKey(at)}${before ? `/${heldWords(before, at, units)}` : ''}`,
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
    initial: typedOf(before, units),
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
    <FormCard
      of={of}
      title={before ? 'Put it right' : 'What is there'}
      action={before ? 'Keep it so' : 'Record it'}
    >
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
