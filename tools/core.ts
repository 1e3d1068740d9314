/** The core from the command line: `npm run -s core -- VERB [FILE or -] [flags]`. JSON in, JSON out. */
import { readFileSync } from 'node:fs';
import {
  checkVerb,
  cutsVerb,
  forecastVerb,
  logVerb,
  planVerb,
  rcpspVerb,
  takeoffVerb,
  type Answer,
} from './verbs';

const VERBS: Record<string, (text: string, flags: ReadonlyMap<string, string>) => Answer> = {
  plan: planVerb,
  forecast: forecastVerb,
  check: checkVerb,
  log: logVerb,
  takeoff: takeoffVerb,
  cuts: cutsVerb,
  rcpsp: rcpspVerb,
};

function readInput(name: string | undefined): Answer {
  if (name === undefined) return { fault: 'input: missing; give a file or - for standard input' };
  try {
    return { value: readFileSync(name === '-' ? 0 : name, 'utf8') };
  } catch {
    return { fault: `input: cannot read ${name}` };
  }
}

function flagsOf(words: readonly string[]): Map<string, string> {
  const flags = new Map<string, string>();
  words.forEach((word, at) => {
    if (word.startsWith('--')) flags.set(word.slice(2), words[at + 1] ?? '');
  });
  return flags;
}

function run([verb, file, ...rest]: readonly string[]): Answer {
  const action = Object.hasOwn(VERBS, verb ?? '') ? VERBS[verb ?? ''] : undefined;
  if (!action)
    return { fault: `verb: "${verb ?? ''}" is none of ${Object.keys(VERBS).join(', ')}` };
  const input = readInput(file);
  if ('fault' in input) return input;
  return action(String(input.value), flagsOf(rest));
}

const answer = run(process.argv.slice(2));
if ('value' in answer) process.stdout.write(`${JSON.stringify(answer.value, null, 1)}\n`);
if ('fault' in answer) {
  process.stderr.write(`${answer.fault}\n`);
  process.exitCode = 2;
}
