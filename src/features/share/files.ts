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
