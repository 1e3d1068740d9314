import { z } from 'zod';

/** What one tab tells the others about a house. */
const messageSchema = z.discriminatedUnion('kind', [
  /** Rows were added to its journal. */
  z.object({
    kind: z.literal('grew'),
    houseId: z.string(),
    journal: z.string(),
    rows: z.array(z.string()),
  }),
  /** Its journal is another one now, or none. */
  z.object({ kind: z.literal('turned'), houseId: z.string() }),
  /** The list of houses changed. */
  z.object({ kind: z.literal('listed') }),
]);
export type TabMessage = z.infer<typeof messageSchema>;

export type Tabs = {
  tell(message: TabMessage): void;
  listen(heard: (message: TabMessage) => void): void;
};

export function browserTabs(): Tabs {
  if (typeof BroadcastChannel === 'undefined') {
    return { tell: () => undefined, listen: () => undefined };
  }
  const channel = new BroadcastChannel('fresh-porch');
  return {
    tell: (message) => channel.postMessage(message),
    listen: (heard) => {
      channel.onmessage = ({ data }) => {
        const message = messageSchema.safeParse(data);
        if (message.success) heard(message.data);
      };
    },
  };
}
