/** `npm run rooms`: draws which room of the core knows which, from the imports, into `docs/rooms.md`. */
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { bin } from '../lib.mjs';

const HEAD = `# Rooms of the core

Each room knows those it points to, at run time and for types; the order is held by \`npm run layers\`
(\`.dependency-cruiser.cjs\`, decision 042). What all rooms know, \`units\` and \`house\`, is left out of the drawing. The number on an arrow
counts the imports behind it. Made by \`npm run rooms\`.
`;
const KNOWN_BY_ALL = ['units', 'house'];
const NO_PART = ['testing', 'forecast'];

const cruised = JSON.parse(
  execFileSync(
    bin('depcruise'),
    [
      ...['--config', '.dependency-cruiser.cjs', '--include-only', '^src/core/[a-z]+/'],
      ...['--output-type', 'json', 'src/core'],
    ],
    { encoding: 'utf8', maxBuffer: 256e6 },
  ),
);
const roomOf = (path) => path.split('/')[2];
const counts = new Map();
for (const { source, dependencies } of cruised.modules) {
  for (const { resolved } of dependencies) {
    const [from, to] = [roomOf(source), roomOf(resolved)];
    if (from === to || NO_PART.includes(from) || KNOWN_BY_ALL.includes(to)) continue;
    counts.set(`${from} ${to}`, (counts.get(`${from} ${to}`) ?? 0) + 1);
  }
}
const arrows = [...counts]
  .map(([pair, count]) => [...pair.split(' '), count])
  .sort(([a, b], [c, d]) => `${a} ${b}`.localeCompare(`${c} ${d}`))
  .map(([from, to, count]) => `  ${from} -->|${count}| ${to}`);
writeFileSync(
  'docs/rooms.md',
  `${HEAD}\n\`\`\`mermaid\nflowchart TD\n${arrows.join('\n')}\n\`\`\`\n`,
);
