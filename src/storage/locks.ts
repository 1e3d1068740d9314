/** Lets one tab at a time do something to what all share. */
export type Locks = {
  /** Whether other tabs are really kept out; on a page that is not secure the browser has no locks. */
  readonly shared: boolean;
  hold<T>(name: string, work: () => Promise<T>): Promise<T>;
};

/** The browser's own locks where the page is secure; without them tabs write, read again and tell any loss. */
export function browserLocks(): Locks {
  // Missing on pages served over plain http to another device.
  const locks = (navigator as Partial<Navigator>).locks;
  if (!locks) return { shared: false, hold: (_name, work) => work() };
  return {
    shared: true,
    hold: async <T>(name: string, work: () => Promise<T>) =>
      (await locks.request(`fresh-porch/${name}`, work)) as T,
  };
}
