import { useCallback, useLayoutEffect, useRef, useState } from 'react';

const isSame = (a: unknown, b: unknown): boolean =>
  a === b || JSON.stringify(a) === JSON.stringify(b);

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

/** What stands in a field: it follows what is kept, until somebody types something else into it. */
export function useFollowing<T>(kept: T): [T, (typed: T) => void] {
  const [typed, setTyped] = useState(kept);
  const [followed, setFollowed] = useState(kept);
  if (!isSame(followed, kept)) {
    setFollowed(kept);
    if (isSame(typed, followed)) setTyped(kept);
  }
  return [typed, setTyped];
}
