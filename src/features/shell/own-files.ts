import { Workbox } from 'workbox-window';
import type { OwnFiles } from '@/store';

const HOUR_MS = 3_600_000;

/** Why this browser cannot keep the app's files; undefined when it can. */
function hindrance(): 'not-secure' | 'not-possible' | undefined {
  if (!window.isSecureContext) return 'not-secure';
  return 'serviceWorker' in navigator ? undefined : 'not-possible';
}

/** The service worker that `tools/finish/offline.mjs` writes: it stores all files, and a new build waits until taken. */
export function browserOwnFiles(): OwnFiles {
  const worker = hindrance() ? null : new Workbox('/sw.js');
  let isTaking = false;
  return {
    watch: (tell) => {
      const why = hindrance();
      if (why || !worker) {
        tell.offline(why ?? 'not-possible');
        return;
      }
      // A page that came from the worker has all its files there.
      if (navigator.serviceWorker.controller) tell.offline('stored');
      worker.addEventListener('activated', () => tell.offline('stored'));
      worker.addEventListener('waiting', () => tell.build('newer-waits'));
      worker.addEventListener('controlling', ({ isUpdate }) => {
        if (isTaking) window.location.reload();
        else if (isUpdate) tell.build('left-behind');
      });
      worker.register().catch(() => {
        if (!navigator.serviceWorker.controller) tell.offline('failed');
      });
      const lookForNewer = () => {
        // Without a line there is nothing newer.
        if (document.visibilityState === 'visible') worker.update().catch(() => undefined);
      };
      document.addEventListener('visibilitychange', lookForNewer);
      setInterval(lookForNewer, HOUR_MS);
    },
    takeNewest: () => {
      isTaking = true;
      void navigator.serviceWorker?.getRegistration().then((registration) => {
        if (registration?.waiting) worker?.messageSkipWaiting();
        else window.location.reload();
      });
    },
  };
}
