import { useEffect, useRef } from 'react';

/**
 * Keeping that waits its turn: asked for while the line before is on its way, or before this one was read to its end,
 * it is done as soon as it can be.
 */
export function useWhenRead(isWaiting: boolean, keep: () => Promise<void>): () => void {
  const asked = useRef(false);
  useEffect(() => {
    if (isWaiting || !asked.current) return;
    asked.current = false;
    void keep();
  });
  return () => {
    if (isWaiting) asked.current = true;
    else void keep();
  };
}
