// Browsers, workers and Node all have them; the core's own library knows of no such surroundings.
declare function btoa(text: string): string;
declare function atob(text: string): string;

const BASE64 = /^data:image\/(jpeg|png|webp);base64,/;
const STRETCH = 0x8000;

/** A picture's bytes as a data address; `kind` is jpeg, png or webp. */
export function pictureOfBytes(bytes: Uint8Array, kind: string): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += STRETCH) {
    text += String.fromCharCode(...bytes.subarray(at, at + STRETCH));
  }
  return `data:image/${kind};base64,${btoa(text)}`;
}

/** The bytes of a data address, and the ending of a file that holds them. Throws where it is none. */
export function bytesOfPicture(picture: string): { bytes: Uint8Array; ending: string } {
  const [head, kind] = BASE64.exec(picture) ?? [];
  if (head === undefined || kind === undefined) throw new Error('no picture');
  const text = atob(picture.slice(head.length));
  const bytes = Uint8Array.from(text, (letter) => letter.charCodeAt(0));
  return { bytes, ending: kind === 'jpeg' ? 'jpg' : kind };
}
