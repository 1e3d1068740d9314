import type { LogContext } from '../../log/reader/context';
import { plainEntry, type PlainEntry } from '../../log/reader/plain';
import { readLine, settle } from '../../log/reader/read';

/** One line with what it must come to; see the head of terrace.txt for how it is written. */
export type SaidLine = { line: string; expected: Expected[]; asked: Expected[] };
type Expected = {
  kind: string;
  fields: readonly (readonly [path: string, how: '=' | '~', value: string])[];
};

function expectedOf(text: string): Expected {
  const [kind = '', ...rest] = text.match(/(?:[^\s"]|"(?:[^"\\]|\\.)*")+/g) ?? [];
  const fields = rest.map((part) => {
    const at = part.search(/[=~]/);
    const value = part.slice(at + 1).replace(/^"(.*)"$/s, '$1');
    const how = part[at] === '~' ? ('~' as const) : ('=' as const);
    return [part.slice(0, at), how, value.replace(/\\"/g, '"')] as const;
  });
  return { kind, fields };
}

export function linesOf(text: string): SaidLine[] {
  const lines: SaidLine[] = [];
  for (const row of text.split('\n')) {
    if (row.trim() === '' || row.startsWith('#')) continue;
    if (!row.startsWith(' ')) lines.push({ line: row, expected: [], asked: [] });
    else {
      const said = row.trim();
      const last = lines.at(-1);
      if (said === 'nothing' || !last) continue;
      if (said.startsWith('? ')) last.asked.push(expectedOf(said.slice(2)));
      else last.expected.push(expectedOf(said));
    }
  }
  return lines;
}

const at = (entry: PlainEntry, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | undefined)?.[key], entry);

const written = (value: unknown): string =>
  Array.isArray(value)
    ? value.map(({ room, share }: { room: string; share: number }) => `${room}:${share}`).join(',')
    : String(value);

function fits(entry: PlainEntry, { kind, fields }: Expected): boolean {
  if (entry.kind !== kind) return false;
  // What a job or a room is must be right even where the line says none.
  const isStrict =
    (kind === 'work' || kind === 'progress') && !fields.some(([path]) => path === 'job');
  if (isStrict && kind === 'work' && entry.job !== undefined) return false;
  return fields.every(([path, how, value]) => {
    const found = path === 'has' ? String(entry.text) : written(at(entry, path));
    const isHas = path === 'has' || how === '~';
    return isHas
      ? found.toLowerCase().includes(value.toLowerCase())
      : found.toLowerCase() === value.toLowerCase();
  });
}

/** Every entry of `entries` has its expected one and the other way round; notes and the weather may be more. */
function agree(entries: readonly PlainEntry[], expected: readonly Expected[]): boolean {
  const left = [...entries];
  for (const one of expected) {
    const index = left.findIndex((entry) => fits(entry, one));
    if (index < 0) return false;
    left.splice(index, 1);
  }
  return left.every(({ kind }) => kind === 'note' || kind === 'weather');
}

export type Verdict = 'right' | 'asked' | 'asked in vain' | 'wrong';

/**
 * Right: the entries are those expected. Asked: a question holds the right reading among its choices and the rest is
 * right. In vain: a question, but none of its choices is right. Wrong: entries nobody said, kept without a question.
 */
export function verdictOn({ line, expected, asked }: SaidLine, context: LogContext): Verdict {
  const reading = readLine(line, context);
  const { entries, open } = settle(reading);
  const plain = entries.map((entry) => plainEntry(entry, reading.date));
  if (open.length === 0) return asked.length === 0 && agree(plain, expected) ? 'right' : 'wrong';
  const wanted = [...expected, ...asked];
  const ways = open.reduce<PlainEntry[][]>(
    (all, { choices }) =>
      all
        .flatMap((before) =>
          choices.map((choice) => [
            ...before,
            ...choice.entries.map((entry) => plainEntry(entry, reading.date)),
          ]),
        )
        .slice(0, 500),
    [plain],
  );
  return ways.some((way) => agree(way, wanted)) ? 'asked' : 'asked in vain';
}
