/** `npm run digests`: whether the command line answers as it did; `-- --keep` keeps today's answers instead. */
import { readFileSync, writeFileSync } from 'node:fs';
import { KEPT, digestsNow } from './digests';

const now = digestsNow();
if (process.argv.includes('--keep')) writeFileSync(KEPT, `${JSON.stringify(now, null, 1)}\n`);
const kept = JSON.parse(readFileSync(KEPT, 'utf8')) as Record<string, string>;
const names = [...new Set([...Object.keys(kept), ...Object.keys(now)])];
const moved = names.filter((name) => kept[name] !== now[name]);
for (const name of moved) process.stderr.write(`${name} answers otherwise\n`);
process.stdout.write(`${names.length - moved.length} of ${names.length} answers as kept\n`);
if (moved.length > 0) process.exitCode = 2;
