import { createStore, momentOf, openCurrent, type Outside } from '@/store';
import { browserDrafts } from '@/storage/drafts';
import { browserDatabase } from '@/storage/key-value';
import { browserTabs } from '@/storage/tabs';
import { workerPlanner } from '@/workers/planner';

const two = (value: number) => String(value).padStart(2, '0');

/** `2026-03-14T18:30:05`, local: the journal's stamps carry the household's own clock. */
function localStamp(date: Date): string {
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}`;
}

async function fetchDemo(): Promise<string> {
  const response = await fetch('/demo/house.json');
  if (!response.ok) throw new Error(`the demo house answered ${response.status}`);
  return response.text();
}

/** The store as it runs in a browser: IndexedDB, a worker, the real clock, other tabs listened to. */
export function createBrowserStore() {
  const tabs = browserTabs();
  const outside: Outside = {
    database: browserDatabase(),
    drafts: browserDrafts(),
    tabs,
    planner: workerPlanner(),
    now: () => momentOf(new Date()),
    stampTime: () => localStamp(new Date()),
    newId: () => crypto.randomUUID(),
    fetchDemo,
  };
  const store = createStore(outside);
  tabs.listen((projectId) => {
    if (store.getState().session.current?.id === projectId) void store.dispatch(openCurrent());
  });
  return store;
}
