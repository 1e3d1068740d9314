import {
  fromMillimetres,
  parseLength,
  ticks,
  type LengthError,
  type Ticks,
  type UnitSystem,
} from '../../units';

/** No wall of a house is longer; what is more is a slip of the pen. */
const LONGEST: Ticks = fromMillimetres(300_000);
/** Lengths in one list: joists of a hall, pieces of a room. */
const MOST_LENGTHS = 500;

/** One input of a sum: what it is called, what may stand in it, and what stands there when nothing is said. */
type Common = { label: string; hint?: string; metricLabel?: string };
/** `metric` is the standard of a house measured in metres, where what is sold there has another size. */
type Standard = { default?: string; metric?: string };
export type LengthField = Common & Standard & { type: 'length'; zero: boolean };
export type NumberField = Common & {
  type: 'number';
  unit: string;
  default?: number;
  /** The field of the same figure in metric units: that one is asked in a house of metres, this one is not. */
  twin?: string;
  money?: true;
  least: number;
  most: number;
  whole: boolean;
};
export type ChoiceField<T extends string = string> = Common & {
  type: 'choice';
  options: readonly T[];
  default: T;
  metric?: T;
  /** Those a house of metres is offered; another is offered the rest. All are read in both. */
  inMetric?: readonly T[];
};
export type FlagField = Common & { type: 'flag' };
/** A list of plain numbers: walls by their number, the rows of a label. */
export type NumbersField = Common & { type: 'numbers'; unit: string; least: number; most: number };
export type LengthsField = Common & Standard & { type: 'lengths' };

export type Field =
  LengthField | NumberField | ChoiceField | FlagField | LengthsField | NumbersField;
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
          : F extends NumbersField
            ? number[] | undefined
            : never;
export type Values<F extends Fields> = { readonly [K in keyof F]: ValueOf<F[K]> };

/** A length as people write it; without a standard it has to be given. */
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
/** A number with its unit and bounds; without a standard it has to be given. */
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
/** The same field with what stands in it where houses are measured in metres. */
export const metricIs = <F extends LengthField | LengthsField>(metric: string, field: F): F => ({
  ...field,
  metric,
});
/** The same field under another name there. */
export const metricCalled = <F extends Field>(metricLabel: string, field: F): F => ({
  ...field,
  metricLabel,
});
/** A figure that labels give in other units there: `twin` names the field it is asked by. */
export const inMetricBy = <F extends NumberField>(twin: string, field: F): F => ({
  ...field,
  twin,
});
/** Minor units of the house's money, as prices are kept; a form asks for it as money. */
export const priceField = (label: string, standard: number): NumberField & { default: number } => ({
  ...numberField(label, 'cents', standard, { whole: true }),
  money: true,
});
/** R in m² K/W, for labels of metric houses. */
export const rsiField = (label: string, usual: number) =>
  numberField(label, 'm² K/W', undefined, { most: 20, hint: `${usual} when left out` });
/** A whole number of `least` or more. */
export const countField = (label: string, standard: number, least = 0) =>
  numberField(label, '', standard, { least, most: 10_000, whole: true });
/** One of some words, the standard among them. */
export const choiceField = <const T extends string>(
  label: string,
  options: readonly T[],
  inMetric?: readonly T[],
): ChoiceField<T> => ({
  type: 'choice',
  label,
  options: [...options, ...(inMetric ?? [])],
  default: options[0] as T,
  ...(inMetric?.[0] === undefined ? {} : { metric: inMetric[0], inMetric }),
});
/** The choices that are offered in a house of these units; all of them are read in any. */
export const offeredIn = (
  { options, inMetric = [] }: ChoiceField,
  units: UnitSystem,
): readonly string[] =>
  inMetric.length === 0
    ? options
    : units === 'metric'
      ? inMetric
      : options.filter((option) => !inMetric.includes(option));

/** Several numbers, a list or a text with commas. */
export const numbersField = (
  label: string,
  unit: string,
  { least = 0, most = 1e6, hint }: Pick<Range, 'least' | 'most' | 'hint'> = {},
): NumbersField => ({ type: 'numbers', label, unit, least, most, hint });
/** Yes or no; no when left out. */
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

function readNumbers(raw: unknown, { least, most }: NumbersField): Read {
  const parts = partsOf(raw);
  if (parts.length > MOST_LENGTHS) return { error: { code: 'too-many', most: MOST_LENGTHS } };
  const values: number[] = [];
  for (const part of parts) {
    const read = readNumber(part, { least, most, whole: false });
    if ('error' in read) return read;
    values.push(read.value);
  }
  return { value: values };
}

/** A list, or a text with a comma or semicolon between. */
const partsOf = (raw: unknown): unknown[] =>
  Array.isArray(raw) ? raw : typeof raw === 'string' ? raw.split(/[,;]/) : [raw];

function readNumber(
  raw: unknown,
  { least, most, whole }: Pick<NumberField, 'least' | 'most' | 'whole'>,
): { value: number } | { error: FieldError } {
  const value = typeof raw === 'string' && raw.trim() !== '' ? Number(raw.replace(',', '.')) : raw;
  if (typeof value !== 'number' || !Number.isFinite(value))
    return { error: { code: 'not-a-number' } };
  if (value < least || value > most) return { error: { code: 'out-of-range', least, most } };
  if (whole && !Number.isInteger(value)) return { error: { code: 'not-whole' } };
  return { value };
}

function readLengths(raw: unknown): Read {
  const parts = partsOf(raw);
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
export function readField(field: Field, raw: unknown, units: UnitSystem = 'imperial'): Read {
  const given = raw === undefined || raw === null || raw === '' ? standardOf(field, units) : raw;
  if (given === undefined) return { value: undefined };
  switch (field.type) {
    case 'length':
      return readLength(given, field.zero);
    case 'lengths':
      return readLengths(given);
    case 'number':
      return readNumber(given, field);
    case 'numbers':
      return readNumbers(given, field);
    case 'choice':
      return typeof given === 'string' && field.options.includes(given)
        ? { value: given }
        : { error: { code: 'not-an-option', options: field.options } };
    case 'flag':
      return typeof given === 'boolean' ? { value: given } : { error: { code: 'not-yes-or-no' } };
  }
}

/** What stands in a field when nothing is said; undefined where something has to be. */
export function standardOf(field: Field, units: UnitSystem): string | number | boolean | undefined {
  if (field.type === 'flag') return false;
  if (field.type === 'numbers') return undefined;
  if (field.type === 'number' || units === 'imperial') return field.default;
  return field.metric ?? field.default;
}

/** The fields a house is asked: of two that say the same, the one in its own units. */
export function askedFields(fields: Fields, units: UnitSystem): string[] {
  const twins = new Set(Object.values(fields).flatMap(twinOf));
  return Object.keys(fields).filter((name) =>
    units === 'metric' ? twinOf(fields[name]).length === 0 : !twins.has(name),
  );
}

const twinOf = (field: Field | undefined): string[] =>
  field?.type === 'number' && field.twin !== undefined ? [field.twin] : [];
