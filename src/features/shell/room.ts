import type { Room } from '@/store';

const TRIED = 'fresh-porch-tried';

/** Whether the browser lets this page open a database at all; some private windows and settings do not. */
function canKeep(): Promise<boolean> {
  return new Promise((resolve) => {
    try {
      const opening = indexedDB.open(TRIED);
      opening.onerror = () => resolve(false);
      opening.onsuccess = () => {
        opening.result.close();
        indexedDB.deleteDatabase(TRIED);
        resolve(true);
      };
    } catch {
      resolve(false);
    }
  });
}

/** What the browser says of its storage; on a page that is not secure it says nothing. */
export function browserRoom(): Room {
  const storage = (navigator as Partial<Navigator>).storage as Partial<StorageManager> | undefined;
  return {
    measure: async () => {
      const [keeps, estimate, lasts] = await Promise.all([
        canKeep(),
        storage?.estimate?.().catch(() => undefined),
        storage?.persisted?.().catch(() => undefined),
      ]);
      const { usage, quota } = estimate ?? {};
      return {
        space: usage !== undefined && quota !== undefined ? { used: usage, of: quota } : null,
        lasts: lasts ?? null,
        keeps,
      };
    },
    askToLast: async () => (await storage?.persist?.().catch(() => false)) ?? false,
  };
}
