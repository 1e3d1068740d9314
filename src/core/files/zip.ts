import {
  Zip,
  ZipDeflate,
  ZipPassThrough,
  strFromU8,
  strToU8,
  unzipSync,
  type UnzipFileInfo,
} from 'fflate';
import { fail, ok, type Result } from '../result';
import { bytesOfPicture, pictureOfBytes } from './picture';
import type { FileError } from './file-error';
import { readProjectFile, type ReadProject } from './project-file';

const HOUSE = 'house.json';
const PHOTO = /^photos\/([^/]{1,80})\.(jpe?g|png|webp)$/i;
const KINDS: Readonly<Record<string, string>> = {
  jpg: 'jpeg',
  jpeg: 'jpeg',
  png: 'png',
  webp: 'webp',
};

/** A house of a journal of ten years is a tenth of it; more is no house but a trap. */
const MOST_HOUSE_BYTES = 200_000_000;
const MOST_PHOTO_BYTES = 4_000_000;

/** The earliest moment a zip can name: equal houses make equal files. */
const NO_TIME = '1980-01-02T12:00:00';

/** Whether some bytes begin as a zip does. */
export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03 && bytes[3] === 0x04;

type Opened = { house: string; photos: Record<string, string> };

function opened(bytes: Uint8Array): Result<Opened, FileError> {
  const wanted = ({ name, originalSize }: UnzipFileInfo) =>
    name === HOUSE
      ? originalSize <= MOST_HOUSE_BYTES
      : PHOTO.test(name) && originalSize <= MOST_PHOTO_BYTES;
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, { filter: wanted });
  } catch {
    return fail({ code: 'truncated' });
  }
  const house = files[HOUSE];
  if (!house) return fail({ code: 'not-ours' });
  const photos: Record<string, string> = {};
  for (const [name, picture] of Object.entries(files)) {
    const [, id = '', ending = ''] = PHOTO.exec(name) ?? [];
    const kind = KINDS[ending.toLowerCase()];
    if (kind) photos[id] = pictureOfBytes(picture, kind);
  }
  return ok({ house: strFromU8(house), photos });
}

/** The one gate for a house's file as bytes: a zip with `house.json` and `photos/`, or one JSON text. */
export function readHouseFile(bytes: Uint8Array): Result<ReadProject, FileError> {
  if (!isZip(bytes)) return readProjectFile(strFromU8(bytes));
  const zip = opened(bytes);
  return zip.ok ? readProjectFile(zip.value.house, zip.value.photos) : zip;
}

/** The house's text in a file, without its pictures: all that plans and answers are made of. */
export function houseTextOf(bytes: Uint8Array): Result<string, FileError> {
  if (!isZip(bytes)) return ok(strFromU8(bytes));
  const zip = opened(bytes);
  return zip.ok ? ok(zip.value.house) : zip;
}

/** One thing that goes into a house's zip: its text in stretches, or a picture as a data address. */
export type ZipEntry = { house: readonly string[] } | { photo: string; picture: string };

/** Packs a house into a zip, entry by entry; each call gives the bytes that are ready by then. */
export class HouseZip {
  private ready: Uint8Array[] = [];
  private readonly zip = new Zip((error, bytes) => {
    if (error) throw error;
    this.ready.push(bytes);
  });

  add(entry: ZipEntry): Uint8Array[] {
    if ('house' in entry) {
      const file = new ZipDeflate(HOUSE, { level: 6 });
      file.mtime = NO_TIME;
      this.zip.add(file);
      for (const text of entry.house) file.push(strToU8(text));
      file.push(new Uint8Array(0), true);
    } else {
      const { bytes, ending } = bytesOfPicture(entry.picture);
      // A picture is packed already.
      const file = new ZipPassThrough(`photos/${entry.photo}.${ending}`);
      file.mtime = NO_TIME;
      this.zip.add(file);
      file.push(bytes, true);
    }
    return this.taken();
  }

  end(): Uint8Array[] {
    this.zip.end();
    return this.taken();
  }

  private taken(): Uint8Array[] {
    const { ready } = this;
    this.ready = [];
    return ready;
  }
}
