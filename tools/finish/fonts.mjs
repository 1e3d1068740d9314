import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import wawoff from 'wawoff2';

const ATKINSON = 'atkinson-hyperlegible-next';
const ZILLA = 'zilla-slab';

/** Each face: its family as the styles name it, its package, and its folder there. */
const FACES = [
  ['AtkinsonHyperlegibleNext_400Regular', ATKINSON, '400Regular'],
  ['AtkinsonHyperlegibleNext_600SemiBold', ATKINSON, '600SemiBold'],
  ['ZillaSlab_600SemiBold', ZILLA, '600SemiBold'],
];

const PLACE = '<!-- fonts -->';

/** Packs the fonts as woff2 with their licences beside them, and names them in the page. */
export async function packFonts(root, dist) {
  const packages = join(root, 'node_modules/@expo-google-fonts');
  const out = join(dist, 'fonts');
  rmSync(out, { recursive: true, force: true });
  mkdirSync(out, { recursive: true });
  const rules = [];
  for (const [family, name, folder] of FACES) {
    const packed = await wawoff.compress(
      readFileSync(join(packages, name, folder, `${family}.ttf`)),
    );
    const hash = createHash('sha256').update(packed).digest('hex').slice(0, 32);
    const file = `${family}.${hash}.woff2`;
    writeFileSync(join(out, file), packed);
    rules.push(
      `@font-face{font-family:${family};font-display:swap;src:url(/fonts/${file}) format('woff2')}`,
    );
  }
  for (const name of [ATKINSON, ZILLA]) {
    copyFileSync(join(packages, name, 'LICENSE_FONT'), join(out, `${name}.licence.txt`));
  }
  const page = join(dist, 'index.html');
  const html = readFileSync(page, 'utf8');
  if (!html.includes(PLACE)) throw new Error(`index.html has no ${PLACE} to put the fonts at`);
  writeFileSync(page, html.replace(PLACE, `<style>${rules.join('')}</style>`));
}
