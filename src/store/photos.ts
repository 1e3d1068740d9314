import type { Element, PlaceId } from '../core/house';
import { dateOf } from '../core/units';
import { erasePhoto, readPhoto, writePhoto } from '../storage/photos';
import { keep } from './keep';
import { noticed } from './session';
import type { Thunk } from './store';

const UNREADABLE =
  'This photo cannot be read. Choose a JPEG, PNG or WebP picture; nothing changed.';
const NO_ROOM = 'This photo could not be kept: the device has no room left. Nothing changed.';

/** Keeps a photo of a place or of one of its elements: the picture first, then the line in the journal. */
export const takePhoto =
  (file: Blob, placeId: PlaceId, element: Element | null): Thunk<Promise<boolean>> =>
  async (dispatch, getState, outside) => {
    const { door } = outside.open;
    if (!door) return false;
    let picture: string;
    try {
      picture = await outside.shrinkPhoto(file);
    } catch {
      dispatch(noticed(UNREADABLE));
      return false;
    }
    const id = outside.newId();
    try {
      await writePhoto(outside.database, door.journal, id, picture);
    } catch {
      dispatch(noticed(NO_ROOM));
      return false;
    }
    const on = dateOf(getState().session.now);
    const kept = await dispatch(
      keep([{ type: 'photoTaken', payload: { id, placeId, element, on } }], 'Kept the photo.'),
    );
    if (!kept) await erasePhoto(outside.database, door.journal, id);
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
