import type { Room } from '@/store';

/** What the browser says of its storage; on a page that is not secure it says nothing. */
export function browserRoom(): Room {
  const storage = (navigator as Partial<Navigator>).storage as Partial<StorageManager> | undefined;
  return {
    measure: async () => {
      const [estimate, lasts] = await Promise.all([
        storage?.estimate?.().catch(() => undefined),
        storage?.persisted?.().catch(() => undefined),
      ]);
      const { usage, quota } = estimate ?? {};
      return {
        space: usage !== undefined && quota !== undefined ? { used: usage, of: quota } : null,
        lasts: lasts ?? null,
      };
    },
    askToLast: async () => (await storage?.persist?.().catch(() => false)) ?? false,
  };
}
