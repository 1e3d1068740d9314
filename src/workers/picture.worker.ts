import '../no-eval';
import { z } from 'zod';
import { LONGEST_SIDE, QUALITY, SMALL_SIDE, sizeWithin } from './picture-sizes';

const askedSchema = z.object({ id: z.int(), picture: z.instanceof(Blob), small: z.boolean() });

const BYTES_AT_A_TIME = 0x8000;

async function dataAddress(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += BYTES_AT_A_TIME) {
    text += String.fromCharCode(...bytes.subarray(at, at + BYTES_AT_A_TIME));
  }
  return `data:${blob.type};base64,${btoa(text)}`;
}

/** Draws a picture no longer than `most` on its longer side. Rejects what is no picture. */
async function drawn(picture: ImageBitmap, most: number): Promise<string> {
  const { width, height } = sizeWithin(picture, most);
  const canvas = new OffscreenCanvas(width, height);
  const drawing = canvas.getContext('2d');
  if (!drawing) throw new Error('this browser cannot draw');
  drawing.drawImage(picture, 0, 0, width, height);
  return dataAddress(await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }));
}

/** A picture made small enough to keep with its thumbnail, or the thumbnail alone; null for what is no picture. */
self.onmessage = ({ data }: MessageEvent<unknown>) => {
  const asked = askedSchema.safeParse(data);
  if (!asked.success) return;
  const { id, picture, small } = asked.data;
  const work = async () => {
    const bitmap = await createImageBitmap(picture);
    const thumb = await drawn(bitmap, SMALL_SIDE);
    const whole = small ? thumb : await drawn(bitmap, LONGEST_SIDE);
    bitmap.close();
    self.postMessage({ id, whole, thumb });
  };
  work().catch(() => self.postMessage({ id, whole: null, thumb: null }));
};
