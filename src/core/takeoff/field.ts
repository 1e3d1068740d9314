import { fromMillimetres, parseLength, ticks, type LengthError, type Ticks } from '../units';

/** No wall of a house is longer; what is more is a slip of the pen. */
export const LONGEST: Ticks = fromMillimetres(300_000);
/** Lengths in one list: joists of a hall, pieces of a room. */
const MOST_LENGTHS = 500;

/** One input of a sum: what it is called, what may stand in it, and what stands there when nothing is said. */
type Common = { label: string; hint?: string };
export type LengthField = Common & { type: 'length'; default?: string; zero: boolean };
export type NumberField = Common & {
  type: 'number';
  unit: string;
  default?: number;
  least: number;
  most: number;
  whole: boolean;
};
export type ChoiceField<T extends string = string> = Common & {
  type: 'choice';
  options: readonly T[];
  default: T;
};
export type FlagField = Common & { type: 'flag' };
export type LengthsField = Common & { type: 'lengths'; default?: string };

export type Field = LengthField | NumberField | ChoiceField | FlagField | LengthsField;
export type Fields = Readonly<Record<string, Field>>;

/** Without a default a field may be left out: the sum then takes it from the room, or says what it needs. */
type ValueOf<F extends Field> = F extends LengthField
  ? Ticks | (F extends { default: string } ? never : undefined)
  : F extends NumberField
    ? number | (F extends { default: number } ? never : undefined)
    : F extends ChoiceField<infer T>
      ? T
      : F extends FlagField
        ? boolean
        : F extends LengthsField
          ? Ticks[] | (F extends { default: string } ? never : undefined)
          : never;
export type Values<F extends Fields> = { readonly [K in keyof F]: ValueOf<F[K]> };

export function lengthField(
  label: string,
  standard: string,
  hint?: string,
): LengthField & { default: string };
export function lengthField(label: string): LengthField;
export function lengthField(label: string, standard?: string, hint?: string): LengthField {
  return { type: 'length', label, default: standard, hint, zero: standard === '0' };
}
/** The same field, where nought is an answer too: no joint, a start line in the corner. */
export const orNone = <F extends LengthField>(field: F): F => ({ ...field, zero: true });
/** A list of lengths, separated by commas. */
export function lengthsField(label: string, standard: string): LengthsField & { default: string };
export function lengthsField(label: string): LengthsField;
export function lengthsField(label: string, standard?: string): LengthsField {
  return { type: 'lengths', label, default: standard };
}

type Range = { least?: number; most?: number; whole?: boolean; hint?: string };
export function numberField(
  label: string,
  unit: string,
  standard: number,
  range?: Range,
): NumberField & { default: number };
export function numberField(
  label: string,
  unit: string,
  standard?: undefined,
  range?: Range,
): NumberField;
export function numberField(
  label: string,
  unit: string,
  standard?: number,
  { least = 0, most = 1e6, whole = false, hint }: Range = {},
): NumberField {
  return { type: 'number', label, unit, default: standard, least, most, whole, hint };
}
export const countField = (label: string, standard: number, least = 0) =>
  numberField(label, '', standard, { least, most: 10_000, whole: true });
export const choiceField = <const T extends string>(
  label: string,
  options: readonly T[],
): ChoiceField<T> => ({ type: 'choice', label, options, default: options[0] as T });
export const flagField = (label: string): FlagField => ({ type: 'flag', label });

/** Why one field cannot be read. */
export type FieldError =
  | { code: 'length'; error: LengthError }
  | { code: 'not-text' }
  | { code: 'not-positive' }
  | { code: 'too-long'; longest: Ticks }
  | { code: 'too-many'; most: number }
  | { code: 'not-a-number' }
  | { code: 'not-whole' }
  | { code: 'out-of-range'; least: number; most: number }
  | { code: 'not-an-option'; options: readonly string[] }
  | { code: 'not-yes-or-no' };

type Read = { value: unknown } | { error: FieldError };

/** `0`, or a length as people write it; only fields that may be nought take nought. */
export function readLength(raw: unknown, zero: boolean): { value: Ticks } | { error: FieldError } {
  if (raw === 0 || raw === '0') {
    return zero ? { value: ticks(0) } : { error: { code: 'not-positive' } };
  }
  if (typeof raw === 'number')
    return { error: { code: 'length', error: { code: 'no-unit', text: String(raw) } } };
  if (typeof raw !== 'string') return { error: { code: 'not-text' } };
  const parsed = parseLength(raw);
  if (!parsed.ok) return { error: { code: 'length', error: parsed.error } };
  if (parsed.value === 0 && !zero) return { error: { code: 'not-positive' } };
  if (parsed.value > LONGEST) return { error: { code: 'too-long', longest: LONGEST } };
  return { value: parsed.value };
}

function readNumber(raw: unknown, { least, most, whole }: NumberField): Read {
  const value = typeof raw === 'string' && raw.trim() !== '' ? Number(raw.replace(',', '.')) : raw;
  if (typeof value !== 'number' || !Number.isFinite(value))
    return { error: { code: 'not-a-number' } };
  if (value < least || value > most) return { error: { code: 'out-of-range', least, most } };
  if (whole && !Number.isInteger(value)) return { error: { code: 'not-whole' } };
  return { value };
}

function readLengths(raw: unknown): Read {
  const parts: unknown[] = Array.isArray(raw)
    ? raw
    : typeof raw === 'string'
      ? raw.split(/[,;]/)
      : [raw];
  if (parts.length > MOST_LENGTHS) return { error: { code: 'too-many', most: MOST_LENGTHS } };
  const values: Ticks[] = [];
  for (const part of parts) {
    const read = readLength(typeof part === 'string' ? part.trim() : part, true);
    if ('error' in read) return read;
    values.push(read.value);
  }
  return { value: values };
}

/** Reads one field; an empty text counts as left out. */
export function readField(field: Field, raw: unknown): Read {
  const given = raw === undefined || raw === null || raw === '' ? standardOf(field) : raw;
  if (given === undefined) return { value: undefined };
  switch (field.type) {
    case 'length':
      return readLength(given, field.zero);
    case 'lengths':
      return readLengths(given);
    case 'number':
      return readNumber(given, field);
    case 'choice':
      return typeof given === 'string' && field.options.includes(given)
        ? { value: given }
        : { error: { code: 'not-an-option', options: field.options } };
    case 'flag':
      return typeof given === 'boolean' ? { value: given } : { error: { code: 'not-yes-or-no' } };
  }
}

const standardOf = (field: Field): unknown => (field.type === 'flag' ? false : field.default);
