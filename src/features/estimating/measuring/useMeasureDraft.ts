import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { shapeOf, type Place } from '@/core/house';
import type { UnitSystem } from '@/core/units';
import { loadDraft, saveDraft, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { readMeasure, typedFrom, type MeasureTyped } from './form';

const text = z.string();
const typedSchema: z.ZodType<MeasureTyped> = z.object({
  walls: z.array(
    z.object({ length: text, turn: z.enum(['right', 'left', 'other']), degrees: text }),
  ),
  height: text,
  ceiling: z.enum(['flat', 'vaulted', 'tray']),
  high: text,
  slope: z.enum(['gable', 'shed']),
  rise: text,
  inset: text,
  openings: z.array(
    z.object({
      wall: text,
      kind: z.enum(['door', 'window', 'opening']),
      offset: text,
      width: text,
      height: text,
      sill: text,
    }),
  ),
  diagonals: z.array(z.object({ from: text, to: text, length: text })),
});

function readDraft(stored: string): MeasureTyped | null {
  if (stored === '') return null;
  try {
    const read = typedSchema.safeParse(JSON.parse(stored));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/** Whether the texts mean the room as it is kept, however they are written. */
const meansKept = (typed: MeasureTyped, place: Place, units: UnitSystem): boolean =>
  JSON.stringify(readMeasure(typed, place, units).shape) === JSON.stringify(shapeOf(place));

/** Keeps a half-measured room on the device while it is typed, so that a dead battery costs nothing. */
export function useMeasureDraft(
  place: Place,
  typed: MeasureTyped,
  reset: (typed: MeasureTyped) => void,
) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectProject);
  const [restored, setRestored] = useState(false);
  const looked = useRef(false);
  const form = `measure-${place.id}`;
  useEffect(() => {
    void dispatch(loadDraft(form)).then((stored) => {
      const draft = readDraft(stored);
      looked.current = true;
      if (!draft || meansKept(draft, place, units)) return;
      reset(draft);
      setRestored(true);
    });
    // Once, when the room is opened: later renders must not bring an older text back.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [form]);
  const toKeep = meansKept(typed, place, units) ? '' : JSON.stringify(typed);
  useEffect(() => {
    if (looked.current) dispatch(saveDraft(form, toKeep));
  }, [dispatch, form, toKeep]);
  const clear = () => dispatch(saveDraft(form, ''));
  return {
    restored,
    clear,
    forget: () => {
      reset(typedFrom(place, units));
      setRestored(false);
      clear();
    },
  };
}
