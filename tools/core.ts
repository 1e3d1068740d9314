/** The core from the command line: `npm run -s core -- VERB [FILE or -] [flags]`. JSON in, JSON out. */
import { readFileSync } from 'node:fs';
import { run } from './run';

const answer = run(process.argv.slice(2), () => readFileSync(0));
if ('value' in answer) process.stdout.write(`${JSON.stringify(answer.value, null, 1)}\n`);
if ('fault' in answer) {
  process.stderr.write(`${answer.fault}\n`);
  process.exitCode = 2;
}
