import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { STARTED, added, place, stamped } from '../testing/houses';
import { HouseZip, houseTextOf, isZip, readHouseFile, readProjectFile, writeProjectFile } from '.';

const events = stamped([STARTED, added(place('a'))]);
const text = writeProjectFile({ projectId: 'p', clock: null, events });

const joined = (pieces: readonly Uint8Array[]): Uint8Array =>
  Uint8Array.from(pieces.flatMap((piece) => [...piece]));
const pictureOf = (bytes: Uint8Array, kind = 'jpeg') =>
  `data:image/${kind};base64,${Buffer.from(bytes).toString('base64')}`;

function zipOf(photos: Readonly<Record<string, string>>): Uint8Array {
  const zip = new HouseZip();
  const pieces = zip.add({ house: [text.slice(0, 40), text.slice(40)] });
  for (const [photo, picture] of Object.entries(photos))
    pieces.push(...zip.add({ photo, picture }));
  return joined([...pieces, ...zip.end()]);
}
const read = (bytes: Uint8Array) => {
  const file = readHouseFile(bytes);
  if (!file.ok) throw new Error(file.error.code);
  return file.value;
};
const fault = (bytes: Uint8Array) => {
  const file = readHouseFile(bytes);
  return file.ok ? 'read' : file.error.code;
};

describe('a house as one zip', () => {
  it('holds house.json as any unpacker sees it, and the photos as pictures', () => {
    const dot = new Uint8Array([1, 2, 250, 0]);
    const files = unzipSync(zipOf({ 'one-1': pictureOf(dot), two: pictureOf(dot, 'png') }));
    expect(Object.keys(files)).toEqual(['house.json', 'photos/one-1.jpg', 'photos/two.png']);
    expect(strFromU8(files['house.json'] as Uint8Array)).toBe(text);
    expect(files['photos/one-1.jpg']).toEqual(dot);
  });

  it('reads back what it was made of, and equal houses make equal files', () => {
    const picture = fc.tuple(
      fc.uint8Array({ maxLength: 40_000 }),
      fc.constantFrom('jpeg', 'png', 'webp'),
    );
    fc.assert(
      fc.property(
        fc.dictionary(fc.stringMatching(/^[a-z0-9-]{1,20}$/), picture, { maxKeys: 5 }),
        (drawn) => {
          const photos = Object.fromEntries(
            Object.entries(drawn).map(([id, [bytes, kind]]) => [id, pictureOf(bytes, kind)]),
          );
          const bytes = zipOf(photos);
          expect({ ...read(bytes).photos }).toEqual(photos);
          expect(read(bytes).events).toEqual(events);
          expect(zipOf(photos)).toEqual(bytes);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('the JSON file opens through the same gate', () => {
    expect(isZip(strToU8(text))).toBe(false);
    expect(read(strToU8(text))).toEqual(read(zipOf({})));
    expect(houseTextOf(zipOf({ a: pictureOf(new Uint8Array(9)) }))).toEqual({
      ok: true,
      value: text,
    });
    expect(houseTextOf(strToU8(text))).toEqual({ ok: true, value: text });
  });

  it('says what is wrong with a file, and sets no more aside than is wrong', () => {
    const whole = zipOf({ a: pictureOf(new Uint8Array(900)) });
    expect(fault(whole.slice(0, whole.length - 30))).toBe('truncated');
    expect(fault(zipSync({ 'other.txt': strToU8('x') }))).toBe('not-ours');
    expect(fault(zipSync({ 'house.json': strToU8('{') }))).toBe('not-json');
    const odd = zipSync({
      'house.json': strToU8(text),
      'photos/../../x.jpg': strToU8('x'),
      'photos/a.exe': strToU8('x'),
      'photos/b.jpg': strToU8('x'),
    });
    expect(Object.keys(read(odd).photos)).toEqual(['b']);
    expect(readProjectFile(text, { c: 'no picture' })).toMatchObject({
      ok: true,
      value: { setAside: [{ path: 'photos.c' }] },
    });
  });

  it('refuses what swells to more than any house', () => {
    const bomb = zipSync({ 'house.json': new Uint8Array(200_000_001) }, { level: 9 });
    expect(bomb.length).toBeLessThan(1_000_000);
    expect(fault(bomb)).toBe('not-ours');
  });
});
