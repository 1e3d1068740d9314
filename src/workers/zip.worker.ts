import '../no-eval';
import { z } from 'zod';
import { HouseZip } from '../core/files/zip';

const askedSchema = z.union([
  z.object({ house: z.array(z.string()) }),
  z.object({ photo: z.string(), picture: z.string() }),
  z.literal('end'),
]);

const zip = new HouseZip();

/** Takes one entry after another; each is answered with the bytes that are ready, or with nothing where it failed. */
self.onmessage = ({ data }: MessageEvent<unknown>) => {
  const asked = askedSchema.safeParse(data);
  if (!asked.success) return;
  try {
    self.postMessage(asked.data === 'end' ? zip.end() : zip.add(asked.data));
  } catch {
    self.postMessage(null);
  }
};
