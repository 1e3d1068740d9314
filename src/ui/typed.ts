import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * For a form that keeps what was typed and then closes or empties itself: `finish` runs only when it was kept and
 * nothing was typed meanwhile. While it is on its way, keeping the same again is not begun.
 */
export function useKeeping(typed: unknown) {
  const latest = useRef(typed);
  const onItsWay = useRef<string | null>(null);
  useLayoutEffect(() => {
    latest.current = typed;
  });
  return useCallback(async (keep: () => Promise<boolean> | boolean, finish: () => void) => {
    const kept = JSON.stringify(latest.current) ?? '';
    if (onItsWay.current === kept) return;
    onItsWay.current = kept;
    try {
      if ((await keep()) && JSON.stringify(latest.current) === kept) finish();
    } finally {
      onItsWay.current = null;
    }
  }, []);
}
