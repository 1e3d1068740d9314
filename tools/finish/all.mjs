import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { packFonts } from './fonts.mjs';
import { writeLicences } from './licences.mjs';
import { writeServiceWorker } from './offline.mjs';
import { packTexts } from './pack.mjs';

/** What the exported app still lacks: demo house and its plan, fonts, licences, service worker, packed texts; in this order. */
const [root, dist] = process.argv.slice(2);
mkdirSync(join(dist, 'demo'), { recursive: true });
cpSync(join(root, 'demo', 'house.json'), join(dist, 'demo', 'house.json'));
// By the planner that ships: looking for an order takes longer than all else of opening the demo.
execFileSync(
  process.execPath,
  [
    ...['--import', 'tsx', join(root, 'tools', 'finish', 'demo-plan.ts')],
    ...[join(root, 'demo', 'house.json'), join(dist, 'demo', 'plan.json')],
  ],
  { cwd: root },
);
await packFonts(root, dist);
writeLicences(root, dist);
await writeServiceWorker(dist);
await packTexts(dist);
