import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const LICENCE_FILE = /^(?:licen[cs]e|copying)(?:[.-].*)?$/i;

/** The text of a package's own licence, as far as it ships one. */
function textIn(folder) {
  const name = readdirSync(folder).find((file) => LICENCE_FILE.test(file));
  return name ? readFileSync(join(folder, name), 'utf8').trim() : 'No licence text is shipped.';
}

/** What the program is built from and under which licences: every package that is not for development alone. */
export function writeLicences(root, dist) {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const used = Object.entries(packages).filter(
    ([path, { dev, link }]) => path !== '' && !dev && !link && existsSync(join(root, path)),
  );
  const rows = used.map(([path, { version, license = 'not said' }]) => {
    const name = path.split('node_modules/').at(-1);
    return `${name} ${version}\n${license}\n\n${textIn(join(root, path))}\n`;
  });
  writeFileSync(
    join(dist, 'licences.txt'),
    [...new Set(rows)].sort().join(`\n${'-'.repeat(72)}\n`),
  );
}
