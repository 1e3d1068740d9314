import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useRef, useState } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormReturn,
} from 'react-hook-form';
import type { z } from 'zod';
import { loadDraft, saveDraft, useAppDispatch } from '@/store';

/** What cannot be kept although each field reads: said beside the field it is about. */
export type Fault<Typed> = { field: Path<Typed>; message: string };

type Options<Typed extends FieldValues, Read> = {
  /** Names the draft: one form of one thing. */
  name: string;
  schema: z.ZodType<Read, Typed>;
  initial: Typed;
  /** Keeps it; false where the journal could not, a fault where it makes no sense. */
  onKeep: (read: Read) => Promise<boolean | Fault<Typed>> | boolean | Fault<Typed>;
  /** Kept, or left: the form closes. */
  onDone?: () => void;
  /** It always stands open and shows what is kept, until somebody types something else into it. */
  follows?: boolean;
  /** What stands in it after it was kept; as at first when left out. */
  next?: (kept: Typed) => Typed;
  /** Whose draft it is, while there is no house yet. */
  draftOf?: 'house' | 'device';
};

export type KeptForm<Typed extends FieldValues = FieldValues> = {
  form: UseFormReturn<Typed>;
  submit: () => void;
  leave: (() => void) | undefined;
  /** Forgets the draft of a form that keeps nothing by itself. */
  forget: () => void;
  /** It was brought back as it was left. */
  isBack: boolean;
};

const draftName = (name: string): string => `form/${name}`;

function readDraft(draft: string): object | null {
  try {
    const read: unknown = JSON.parse(draft);
    return typeof read === 'object' && read !== null && !Array.isArray(read) ? read : null;
  } catch {
    // A draft that does not read is only a draft.
    return null;
  }
}

/**
 * A form whose half-typed words survive a reload. It empties only once it was kept and nothing was typed meanwhile; a
 * fault stands beside its field, in sight and with the cursor in it.
 */
export function useKeptForm<Typed extends FieldValues, Read>({
  name,
  schema,
  initial,
  onKeep,
  onDone,
  follows = false,
  next,
  draftOf = 'house',
}: Options<Typed, Read>): KeptForm<Typed> {
  const dispatch = useAppDispatch();
  const [isBack, setBack] = useState(false);
  const onItsWay = useRef(false);
  const first = useRef(initial);
  const form = useForm<Typed, unknown, Read>({
    defaultValues: initial as DefaultValues<Typed>,
    resolver: zodResolver(schema),
    ...(follows ? { values: initial, resetOptions: { keepDirtyValues: true } } : {}),
  });
  const { reset, getValues, subscribe } = form;
  useEffect(() => {
    void dispatch(loadDraft(draftName(name), draftOf)).then((text) => {
      const draft = text === '' ? null : readDraft(text);
      // What was typed before the draft came is not typed over.
      if (!draft || JSON.stringify(getValues()) !== JSON.stringify(first.current)) return;
      reset({ ...getValues(), ...draft }, { keepDefaultValues: true });
      setBack(true);
    });
    return subscribe({
      formState: { values: true },
      callback: ({ values }) =>
        dispatch(saveDraft(draftName(name), JSON.stringify(values), draftOf)),
    });
  }, [dispatch, draftOf, getValues, name, reset, subscribe]);
  const forget = () => dispatch(saveDraft(draftName(name), '', draftOf));
  const close = (stands: Typed) => {
    reset(stands);
    forget();
    setBack(false);
    onDone?.();
  };
  const keepRead = async (read: Read) => {
    if (onItsWay.current) return;
    onItsWay.current = true;
    try {
      const typed = JSON.stringify(getValues());
      const kept = await onKeep(read);
      if (typeof kept === 'object') {
        form.setError(kept.field, { message: kept.message }, { shouldFocus: true });
      } else if (kept && JSON.stringify(getValues()) === typed) {
        close(follows ? getValues() : (next?.(getValues()) ?? initial));
      }
    } finally {
      onItsWay.current = false;
    }
  };
  return {
    form: form as unknown as UseFormReturn<Typed>,
    submit: () => void form.handleSubmit(keepRead)(),
    leave: onDone && (() => close(initial)),
    forget,
    isBack,
  };
}
