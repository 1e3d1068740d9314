import { fail } from '@/core/result';
import {
  catchUp,
  createStore,
  hearTabs,
  measureRoom,
  momentOf,
  openCurrent,
  watchOwnFiles,
  type Outside,
  type Store,
} from '@/store';
import { browserDrafts } from '@/storage/drafts';
import { browserDatabase } from '@/storage/key-value';
import { browserLocks } from '@/storage/locks';
import { browserTabMemory, houseInAddress } from '@/storage/tab-memory';
import { browserTabs } from '@/storage/tabs';
import { workerPictures } from '@/workers/pictures';
import { workerPlanner } from '@/workers/planner';
import { workerZipper } from '@/workers/zipper';
import { browserOwnFiles } from './own-files';
import { browserRoom } from './room';
import { simulatedLaser, simulatedSupplier } from './stand-ins';

const two = (value: number) => String(value).padStart(2, '0');

/** `2026-03-14T18:30:05`, local: the journal's stamps carry the household's own clock. */
function localStamp(date: Date): string {
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}`;
}

/** A fresh id; on a page that is not secure the browser makes none itself, only the numbers for it. */
function newId(): string {
  if (typeof (crypto as Partial<Crypto>).randomUUID === 'function') return crypto.randomUUID();
  const bytes = (crypto as Crypto).getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

async function fetchDemo(): Promise<{ house: string; plan: string | null }> {
  const [house, plan] = await Promise.all([
    fetch('/demo/house.json'),
    fetch('/demo/plan.json').catch(() => null),
  ]);
  if (!house.ok) throw new Error(`the demo house answered ${house.status}`);
  return { house: await house.text(), plan: plan?.ok ? await plan.text() : null };
}

/** Work that can wait until the page has nothing better to do. Safari knows no idle callbacks. */
function later(work: () => Promise<void>): void {
  const begin = () => void work().catch(() => undefined);
  if ('requestIdleCallback' in window) window.requestIdleCallback(begin, { timeout: 10_000 });
  else setTimeout(begin, 500);
}

/** So long nothing is touched before a better plan is looked for. */
const IDLE_MS = 20_000;

/** Hears when the page is touched, and waits until it was let be for a while. */
function idleWatch(): Outside['untilIdle'] {
  let touched = performance.now();
  for (const touch of ['pointerdown', 'keydown']) {
    window.addEventListener(touch, () => (touched = performance.now()), { passive: true });
  }
  return async (signal) => {
    for (;;) {
      const left = touched + IDLE_MS - performance.now();
      if (left <= 0 || signal.aborted) return;
      await new Promise((resolve) => setTimeout(resolve, left));
    }
  };
}

/** Lets go of the main thread once it was held for a while; most pauses cost nothing. */
const HELD_MS = 12;
function pauses(): () => Promise<void> {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < HELD_MS) return;
    await new Promise((resolve) => setTimeout(resolve));
    since = performance.now();
  };
}

let opened: Store | undefined;

/**
 * The page's one store, however often its screens are built anew: going back to an address of before a reload builds
 * them all, and neither the open house nor its plan has changed by that.
 */
export function browserStore(): Store {
  if (opened) return opened;
  opened = createBrowserStore();
  void opened.dispatch(openCurrent());
  opened.dispatch(watchOwnFiles());
  void opened.dispatch(measureRoom());
  return opened;
}

/** The store as it runs in a browser: IndexedDB, a worker, the real clock, other tabs listened to. */
function createBrowserStore(): Store {
  const planner = workerPlanner();
  const outside: Outside = {
    database: browserDatabase(),
    drafts: browserDrafts(),
    tabs: browserTabs(),
    locks: browserLocks(),
    tab: browserTabMemory(),
    later,
    pause: pauses(),
    planner,
    untilIdle: idleWatch(),
    zipper: workerZipper(),
    ownFiles: browserOwnFiles(),
    room: browserRoom(),
    supplier: simulatedSupplier(),
    laser: simulatedLaser(),
    now: () => momentOf(new Date()),
    stampTime: () => localStamp(new Date()),
    newId,
    pictures: workerPictures(),
    readFile: async (file) => {
      const read = await planner.readFile(file);
      return read?.ok ? read.value : fail({ code: 'broken', path: 'file', reason: 'no answer' });
    },
    fetchDemo,
  };
  const store = createStore(outside);
  store.dispatch(hearTabs());
  // A tab that slept may have missed what others told.
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void store.dispatch(catchUp());
  });
  window.addEventListener('popstate', () => {
    const named = houseInAddress();
    if (named === null || named === store.getState().session.current?.id) return;
    void store.dispatch(openCurrent(named));
  });
  return store;
}
