import { z } from 'zod';
import { LONGEST_SIDE, QUALITY, SMALL_SIDE, sizeWithin } from './picture-sizes';

/** A picture small enough to keep, and the one for lists, both as data addresses. */
export type Kept = { whole: string; thumb: string };

export type Pictures = {
  /** Rejects what is no picture. */
  keep(file: Blob): Promise<Kept>;
  /** The small one of a picture that is kept already. */
  thumbOf(whole: string): Promise<string>;
};

const answerSchema = z.object({
  id: z.int(),
  whole: z.string().nullable(),
  thumb: z.string().nullable(),
});

/** On the page itself, where the browser's workers cannot draw. */
async function drawnHere(file: Blob, most: number): Promise<string> {
  const picture = await createImageBitmap(file);
  const canvas = document.createElement('canvas');
  Object.assign(canvas, sizeWithin(picture, most));
  const drawing = canvas.getContext('2d');
  if (!drawing) throw new Error('this browser cannot draw');
  drawing.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return canvas.toDataURL('image/jpeg', QUALITY);
}

async function blobOf(address: string): Promise<Blob> {
  const [head = '', body = ''] = address.split(',');
  const bytes = Uint8Array.from(atob(body), (letter) => letter.charCodeAt(0));
  return new Blob([bytes], { type: head.slice('data:'.length).split(';')[0] });
}

/** Draws in a worker of its own, begun with the first picture. */
export function workerPictures(): Pictures {
  let worker: Worker | null = null;
  let asked = 0;
  const waiting = new Map<
    number,
    { resolve: (kept: Kept) => void; reject: (cause: Error) => void }
  >();
  const begun = (): Worker => {
    if (worker) return worker;
    const fresh = new Worker(new URL('./picture.worker', import.meta.url));
    fresh.onmessage = ({ data }: MessageEvent<unknown>) => {
      const answer = answerSchema.safeParse(data);
      if (!answer.success) return;
      const { id, whole, thumb } = answer.data;
      const ears = waiting.get(id);
      waiting.delete(id);
      if (whole === null || thumb === null) ears?.reject(new Error('no picture'));
      else ears?.resolve({ whole, thumb });
    };
    fresh.onerror = () => {
      worker = null;
      for (const { reject } of waiting.values()) reject(new Error('the picture worker failed'));
      waiting.clear();
    };
    worker = fresh;
    return fresh;
  };
  const drawn = (picture: Blob, small: boolean) =>
    new Promise<Kept>((resolve, reject) => {
      asked += 1;
      waiting.set(asked, { resolve, reject });
      begun().postMessage({ id: asked, picture, small });
    });
  if (typeof OffscreenCanvas === 'undefined') {
    return {
      keep: async (file) => ({
        whole: await drawnHere(file, LONGEST_SIDE),
        thumb: await drawnHere(file, SMALL_SIDE),
      }),
      thumbOf: async (whole) => drawnHere(await blobOf(whole), SMALL_SIDE),
    };
  }
  return {
    keep: (file) => drawn(file, false),
    thumbOf: async (whole) => (await drawn(await blobOf(whole), true)).thumb,
  };
}
