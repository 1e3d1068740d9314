import { readFileSync } from 'node:fs';
import { houseTextOf } from '../src/core';
import {
  checkVerb,
  cutsVerb,
  fileFault,
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

/** The text of a file, or of the house in a zip. */
function readInput(name: string | undefined, stdin: () => Uint8Array): Answer {
  if (name === undefined) return { fault: 'input: missing; give a file or - for standard input' };
  let bytes: Uint8Array;
  try {
    bytes = name === '-' ? stdin() : readFileSync(name);
  } catch {
    return { fault: `input: cannot read ${name}` };
  }
  const text = houseTextOf(bytes);
  return text.ok ? { value: text.value } : { fault: fileFault(text.error) };
}

function flagsOf(words: readonly string[]): Map<string, string> {
  const flags = new Map<string, string>();
  words.forEach((word, at) => {
    if (word.startsWith('--')) flags.set(word.slice(2), words[at + 1] ?? '');
  });
  return flags;
}

/** What the command line answers to its words; `stdin` is read only where a file is named `-`. */
export function run([verb, file, ...rest]: readonly string[], stdin: () => Uint8Array): Answer {
  const action = Object.hasOwn(VERBS, verb ?? '') ? VERBS[verb ?? ''] : undefined;
  if (!action)
    return { fault: `verb: "${verb ?? ''}" is none of ${Object.keys(VERBS).join(', ')}` };
  const input = readInput(file, stdin);
  if ('fault' in input) return input;
  return action(String(input.value), flagsOf(rest));
}
