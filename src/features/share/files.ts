/** Hands the parts of a text to the browser as a file to keep. */
export function download(name: string, parts: string[], type: string): void {
  const address = URL.createObjectURL(new Blob(parts, { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}

/** `Old bakery, Quince Lane` -> `old-bakery-quince-lane`. */
export const fileStem = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'house';
