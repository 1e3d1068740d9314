/** Which house this tab has open: its own matter, whatever other tabs open. The address may name one. */
export type TabMemory = {
  read(): string | null;
  write(houseId: string | null): void;
};

const KEY = 'fresh-porch/house';

function remembered(): string | null {
  try {
    return window.sessionStorage.getItem(KEY);
  } catch {
    // A browser that may keep nothing of a page: the house opened last on the device is opened.
    return null;
  }
}

/** The house that the address names. */
export const houseInAddress = (): string | null =>
  new URL(window.location.href).searchParams.get('house');

export function browserTabMemory(): TabMemory {
  let named = houseInAddress();
  return {
    read: () => {
      const house = named ?? remembered();
      named = null;
      return house;
    },
    write: (houseId) => {
      try {
        if (houseId === null) window.sessionStorage.removeItem(KEY);
        else window.sessionStorage.setItem(KEY, houseId);
      } catch {
        // Without the tab's own storage a reload opens the house opened last on the device.
      }
    },
  };
}
