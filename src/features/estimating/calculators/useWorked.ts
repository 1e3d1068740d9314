import { useEffect, useState } from 'react';
import type { Place } from '@/core/house';
import type { Result } from '@/core/result';
import {
  readFields,
  type Calculator,
  type CalculatorError,
  type Takeoff,
} from '@/core/estimating/calculators';
import type { UnitSystem } from '@/core/units';
import { useAppDispatch, workOut } from '@/store';
import type { PlanningError } from '@/workers/protocol';

type Shown =
  { of: string; result: Result<Takeoff, CalculatorError> } | { of: string; broke: PlanningError };

/** The answer to what is typed: the one before stands, with `isOld`, until the new one is worked out. */
export function useWorked(
  sum: Calculator,
  fields: Readonly<Record<string, unknown>>,
  place: Place | undefined,
  units: UnitSystem,
): {
  result: Result<Takeoff, CalculatorError> | null;
  isOld: boolean;
  broke: PlanningError | null;
} {
  const dispatch = useAppDispatch();
  const [shown, setShown] = useState<Shown | null>(null);
  const asked = JSON.stringify([sum.kind, fields, units, place ?? null]);
  const read = readFields(sum.fields, fields, units);
  const isRead = read.ok;
  useEffect(() => {
    if (!isRead) return;
    const abort = new AbortController();
    const question = { sum: sum.kind, fields: { ...fields }, place: place ?? null, units };
    void dispatch(workOut(question, abort.signal)).then((answer) => {
      if (!answer || abort.signal.aborted) return;
      setShown(
        answer.ok ? { of: asked, result: answer.value } : { of: asked, broke: answer.error },
      );
    });
    return () => abort.abort();
    // What is asked stands in `asked` word for word.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, isRead, dispatch]);
  if (!read.ok) return { result: read, isOld: false, broke: null };
  const isOld = shown?.of !== asked;
  return {
    result: shown && 'result' in shown ? shown.result : null,
    isOld,
    broke: shown && 'broke' in shown ? shown.broke : null,
  };
}
