import { readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const TEXT = /\.(?:html|js|css|svg|json|txt|webmanifest)$/;
/** Smaller files go in one packet anyway. */
const WORTH_PACKING = 1_024;
/** A step below the best: a third of the time for a hundredth more bytes. */
const QUALITY = 10;

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .map((name) => join(folder, name))
    .filter((path) => statSync(path).isFile());

/** Lays every text of the build beside its brotli and its gzip, which the server picks by what the browser takes. */
export async function packTexts(dist) {
  const texts = filesIn(dist).filter((path) => TEXT.test(path));
  await Promise.all(
    texts.map(async (path) => {
      const text = readFileSync(path);
      if (text.length < WORTH_PACKING) return;
      const params = { [constants.BROTLI_PARAM_QUALITY]: QUALITY };
      writeFileSync(`${path}.br`, await promisify(brotliCompress)(text, { params }));
      writeFileSync(`${path}.gz`, await promisify(gzip)(text, { level: 9 }));
    }),
  );
}
