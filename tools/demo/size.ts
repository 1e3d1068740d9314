import { parseLength, type Ticks } from '../../src/core/units';

/** A length of the demo's sources; one that does not read stops the build. */
export function size(text: string): Ticks {
  const parsed = parseLength(text);
  if (!parsed.ok) throw new Error(`${text} is not a length`);
  return parsed.value;
}
