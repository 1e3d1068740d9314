import type { Element, PlaceId } from '../core/house';
import type { EventBodyOf } from '../core/journal';
import { dateOf } from '../core/units';
import { erasePhoto, readPhoto, readThumb, writePhoto, writeThumb } from '../storage/photos';
import type { Kept } from '../workers/pictures';
import { keep } from './keep';
import { noticed } from './session';
import type { Thunk } from './store';
import { askToLast } from './this-device';

const UNREADABLE =
  'This photo cannot be read. Choose a JPEG, PNG or WebP picture; nothing changed.';
const NO_ROOM = 'This photo could not be kept: the device has no room left. Nothing changed.';

/** A picture that lies on the device and is in no journal yet. */
export type StoredPhoto =
  | { ok: true; event: EventBodyOf; id: string; forget: () => Promise<void> }
  | { ok: false; message: string };

/** Puts a picture on the device; `event` makes it the house's, `forget` takes it off again. */
export const storePhoto =
  (
    file: Blob,
    placeId: PlaceId | null,
    element: Element | null,
    about?: string,
  ): Thunk<Promise<StoredPhoto>> =>
  async (_dispatch, getState, outside): Promise<StoredPhoto> => {
    const { door } = outside.open;
    if (!door) return { ok: false, message: NO_ROOM };
    let kept: Kept;
    try {
      kept = await outside.pictures.keep(file);
    } catch {
      return { ok: false, message: UNREADABLE };
    }
    const id = outside.newId();
    try {
      await writePhoto(outside.database, door.journal, id, kept.whole, kept.thumb);
    } catch {
      return { ok: false, message: NO_ROOM };
    }
    const on = dateOf(getState().session.now);
    return {
      ok: true,
      id,
      event: {
        type: 'photoTaken',
        payload: { id, placeId, element, on, ...(about ? { about } : {}) },
      },
      forget: async () => {
        await erasePhoto(outside.database, door.journal, id);
      },
    };
  };

/** Keeps a photo of a place, of one of its elements or of something else: the picture first, then the line in the journal. */
export const takePhoto =
  (
    file: Blob,
    placeId: PlaceId | null,
    element: Element | null,
    about?: string,
  ): Thunk<Promise<boolean>> =>
  async (dispatch) => {
    const stored = await dispatch(storePhoto(file, placeId, element, about));
    if (!stored.ok) {
      dispatch(noticed(stored.message));
      return false;
    }
    const kept = await dispatch(keep([stored.event], 'Kept the photo.'));
    if (!kept) await stored.forget();
    // Now people know what the browser should keep.
    else void dispatch(askToLast()).catch(() => undefined);
    return kept;
  };

/** The picture as an address for an image; null when it is not on this device. */
export const loadPhoto =
  (id: string): Thunk<Promise<string | null>> =>
  (_dispatch, _getState, outside) => {
    const { door } = outside.open;
    return door
      ? readPhoto(outside.database, door.journal, id).catch(() => null)
      : Promise.resolve(null);
  };

/** The small picture for lists; drawn once where it came without, such as from a file. */
export const loadThumb =
  (id: string): Thunk<Promise<string | null>> =>
  async (dispatch, _getState, outside) => {
    const { door } = outside.open;
    if (!door) return null;
    const { database, pictures } = outside;
    const known = await readThumb(database, door.journal, id).catch(() => null);
    if (known !== null) return known;
    const whole = await dispatch(loadPhoto(id));
    if (whole === null) return null;
    const thumb = await pictures.thumbOf(whole).catch(() => null);
    if (thumb === null) return whole;
    await writeThumb(database, door.journal, id, thumb);
    return thumb;
  };
