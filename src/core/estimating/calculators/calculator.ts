import type { RoomShape } from '../../house';
import { fail, ok, type Result } from '../../result';
import type { UnitSystem } from '../../units';
import { readField, type Field, type FieldError, type Fields, type Values } from './field';
import { inUnits, type Takeoff } from './line';

/** What a sum may draw on beside its own fields. */
export type CalculatorContext = { room: RoomShape | null; units: UnitSystem };

export type CalculatorError =
  | { code: 'unknown-sum'; kind: string }
  | { code: 'unknown-field'; field: string }
  | { code: 'bad-field'; field: string; error: FieldError }
  /** Neither a room nor the fields that stand in for it. */
  | { code: 'needs'; what: string }
  /** The fields are readable one by one and make no sense together. */
  | { code: 'impossible'; field: string; why: string };

/** One calculator: its fields and how it works them out. */
export type Calculator = {
  kind: string;
  title: string;
  /** The question it answers, as somebody would ask it. */
  asks: string;
  fields: Fields;
  usesRoom: boolean;
  work: (
    raw: Readonly<Record<string, unknown>>,
    context: CalculatorContext,
  ) => Result<Takeoff, CalculatorError>;
};

export type Working = Result<Takeoff, CalculatorError>;

/** Ties a table of fields to the function that works with their values; bad fields never reach it. */
export const defineCalculator = <const F extends Fields>(definition: {
  kind: string;
  title: string;
  asks: string;
  usesRoom?: boolean;
  fields: F;
  /** Sizes that stand in for the room where they are typed. */
  instead?: readonly (keyof F & string)[];
  /** Each of them may be typed alone, the rest taken from the room. */
  eachAlone?: boolean;
  work: (values: Values<F>, context: CalculatorContext) => Working;
}): Calculator => ({
  kind: definition.kind,
  title: definition.title,
  asks: definition.asks,
  usesRoom: definition.usesRoom ?? false,
  fields: definition.fields,
  work: (raw, context) => {
    const values = readFields(definition.fields, raw, context.units);
    if (!values.ok) return values;
    const typed = typedInstead(definition, values.value);
    if (!typed.ok) return typed;
    // The reader gives every field the type its definition says; the union of tables cannot follow that.
    const result = definition.work(values.value as Values<F>, context);
    if (!result.ok) return result;
    const { lines, cautions } = result.value;
    return ok({
      lines: lines.map((each) => inUnits(each, context.units)),
      cautions:
        context.room && typed.value.length > 0
          ? [...cautions, `Worked with the ${listed(typed.value)} typed, not the room’s.`]
          : cautions,
    });
  },
});

type Instead = { fields: Fields; instead?: readonly string[]; eachAlone?: boolean };

/** The sizes typed in place of the room, by what they are called; of a pair, one alone says too little. */
function typedInstead(
  { fields, instead = [], eachAlone = false }: Instead,
  values: Readonly<Record<string, unknown>>,
): Result<string[], CalculatorError> {
  const calledOf = (name: string) => (fields[name]?.label ?? name).split(',')[0]?.toLowerCase();
  const given = instead.filter((name) => values[name] !== undefined);
  const [missing] = instead.filter((name) => values[name] === undefined);
  if (given.length > 0 && missing !== undefined && !eachAlone) {
    const there = given.map(calledOf).join(', ');
    return impossible(
      missing,
      `is missing: the ${there} alone is not enough; give both, or neither for the room`,
    );
  }
  return ok(given.map((name) => calledOf(name) ?? name));
}

const listed = (words: readonly string[]): string =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');

/** Values of all fields, or the first that cannot be read. */
export function readFields(
  fields: Fields,
  raw: Readonly<Record<string, unknown>>,
  units: UnitSystem = 'imperial',
): Result<Record<string, unknown>, CalculatorError> {
  const unknown = Object.keys(raw).find((name) => name !== 'kind' && !Object.hasOwn(fields, name));
  if (unknown !== undefined) return fail({ code: 'unknown-field', field: unknown });
  const values: Record<string, unknown> = {};
  for (const [name, field] of Object.entries<Field>(fields)) {
    const read = readField(field, raw[name], units);
    if ('error' in read) return fail({ code: 'bad-field', field: name, error: read.error });
    values[name] = read.value;
  }
  return ok(values);
}

/** The answer of a calculator: its lines, and what is dangerous about the work. */
export const worked = (lines: Takeoff['lines'], cautions: string[] = []): Working =>
  ok({ lines, cautions });
/** Fails `needs`: a field that this sum cannot do without was left empty. */
export const needs = (what: string): Working => fail({ code: 'needs', what });
/** Fails `impossible`: a field holds what cannot be, with the reason in words. */
export const impossible = (field: string, why: string): { ok: false; error: CalculatorError } =>
  fail({ code: 'impossible', field, why });
