import { z } from 'zod';
import { plainDateSchema, type PlainDate } from '../units';

/** What a text that cannot be read as an event says all the same, in the words somebody once wrote. */
export type WordsIn = {
  /** The line of an evening, or whatever words it holds, longest first; the bare text where it holds none. */
  words: string;
  /** The day it speaks of, if it names one. */
  date: PlainDate | null;
  /** Whether `words` is the line of an evening, to be said again. */
  isLine: boolean;
};

const dayLike = z.looseObject({
  payload: z.looseObject({ line: z.string().min(1), date: z.unknown().optional() }),
});

/** Fields whose texts name things for the program, not for people. */
const CODES = new Set(['id', 'device', 'at', 'type', 'kind', 'unit', 'spend', 'drawsOn']);
const isCode = (field: string): boolean => CODES.has(field) || /Ids?$/.test(field);

function textsIn(value: unknown, field = ''): string[] {
  if (typeof value === 'string') return isCode(field) || value.trim() === '' ? [] : [value];
  if (typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value)) return value.flatMap((item) => textsIn(item, field));
  return Object.entries(value).flatMap(([name, item]) => textsIn(item, name));
}

const LONGEST = 2_000;

/** Never throws; a torn text shows as what is left of it. */
export function wordsIn(raw: string): WordsIn {
  let value: unknown = null;
  try {
    value = JSON.parse(raw);
  } catch {
    // Torn: what people wrote may still stand in it.
    const line = /"line":"((?:[^"\\]|\\.)*)/.exec(raw)?.[1];
    return { words: (line || raw).slice(0, LONGEST), date: null, isLine: Boolean(line) };
  }
  const day = dayLike.safeParse(value);
  if (day.success) {
    const date = plainDateSchema.safeParse(day.data.payload.date);
    return { words: day.data.payload.line, date: date.data ?? null, isLine: true };
  }
  const texts = textsIn(value).filter((text) => !plainDateSchema.safeParse(text).success);
  const words = [...new Set(texts)].sort((a, b) => b.length - a.length).join(' · ');
  return { words: (words || raw).slice(0, LONGEST), date: null, isLine: false };
}
