/** Hands a file to the browser to be kept. */
export function download(name: string, file: Blob): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

export const textFile = (text: string, type: string): Blob => new Blob([text], { type });

/** `Old bakery, Quince Lane` -> `old-bakery-quince-lane`. */
export const fileStem = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'house';

/** Whether this browser has a sheet to hand a file to other apps and devices; not on a page over plain http. */
export const canShare = (file: File): boolean =>
  typeof navigator.canShare === 'function' && navigator.canShare({ files: [file] });

/**
 * Offers a file to the browser's sheet; false when the browser wants another tap first, because the last one is too
 * long ago. That somebody closes the sheet is no fault.
 */
export async function shareFile(file: File): Promise<boolean> {
  try {
    await navigator.share({ files: [file] });
  } catch (cause: unknown) {
    const name = cause instanceof DOMException ? cause.name : '';
    if (name === 'NotAllowedError') return false;
    if (name !== 'AbortError') throw cause;
  }
  return true;
}
