/** Tells other tabs that a project's journal grew, and listens for them telling so. */
export type Tabs = {
  tell(projectId: string): void;
  listen(heard: (projectId: string) => void): void;
};

export function browserTabs(): Tabs {
  if (typeof BroadcastChannel === 'undefined') {
    return { tell: () => undefined, listen: () => undefined };
  }
  const channel = new BroadcastChannel('fresh-porch');
  return {
    tell: (projectId) => channel.postMessage(projectId),
    listen: (heard) => {
      channel.onmessage = ({ data }) => {
        if (typeof data === 'string') heard(data);
      };
    },
  };
}
