/** `npm run freeze`: keeps today's versions of events and reduction, once each change has its new number. */
import { writeFileSync } from 'node:fs';
import { FIXTURES, frozenNow, frozenThen, unannounced } from './frozen';

const now = frozenNow();
const faults = process.argv.includes('--first') ? [] : unannounced(frozenThen(), now);
for (const fault of faults) process.stderr.write(`${fault}\n`);
if (faults.length > 0) process.exitCode = 2;
else writeFileSync(`${FIXTURES}/versions.json`, `${JSON.stringify(now, null, 2)}\n`);
