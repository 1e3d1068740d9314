import { z } from 'zod';
import type { ZipEntry } from '../core/files';

/** Packs entries, as they come, into one zip. Rejects where it was cancelled or failed. */
export type Zipper = (entries: AsyncIterable<ZipEntry>, signal: AbortSignal) => Promise<Blob>;

const readySchema = z.array(z.instanceof(Uint8Array<ArrayBuffer>));

/** Packs in a worker of its own, which lives as long as the packing. */
export const workerZipper = (): Zipper => async (entries, signal) => {
  const worker = new Worker(new URL('./zip.worker', import.meta.url));
  const ask = (entry: ZipEntry | 'end') =>
    new Promise<Uint8Array<ArrayBuffer>[]>((resolve, reject) => {
      const stop = () => reject(new Error('cancelled'));
      signal.addEventListener('abort', stop, { once: true });
      worker.onmessage = ({ data }: MessageEvent<unknown>) => {
        signal.removeEventListener('abort', stop);
        const ready = readySchema.safeParse(data);
        if (ready.success) resolve(ready.data);
        else reject(new Error('an entry could not be packed'));
      };
      worker.onerror = () => reject(new Error('the zip worker failed'));
      worker.postMessage(entry);
    });
  try {
    const pieces: Uint8Array<ArrayBuffer>[] = [];
    for await (const entry of entries) {
      signal.throwIfAborted();
      pieces.push(...(await ask(entry)));
    }
    pieces.push(...(await ask('end')));
    return new Blob(pieces, { type: 'application/zip' });
  } finally {
    worker.terminate();
  }
};
