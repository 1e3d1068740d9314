import type { RoomShape } from '../house';
import { fail, ok, type Result } from '../result';
import type { UnitSystem } from '../units';
import { readField, type Field, type FieldError, type Fields, type Values } from './field';
import type { Takeoff } from './line';

/** What a sum may draw on beside its own fields. */
export type SumContext = { room: RoomShape | null; units: UnitSystem };

export type SumError =
  | { code: 'unknown-sum'; kind: string }
  | { code: 'unknown-field'; field: string }
  | { code: 'bad-field'; field: string; error: FieldError }
  /** Neither a room nor the fields that stand in for it. */
  | { code: 'needs'; what: string }
  /** The fields are readable one by one and make no sense together. */
  | { code: 'impossible'; field: string; why: string };

/** One calculator: its fields and how it works them out. */
export type Sum = {
  kind: string;
  title: string;
  /** The question it answers, as somebody would ask it. */
  asks: string;
  fields: Fields;
  usesRoom: boolean;
  work: (raw: Readonly<Record<string, unknown>>, context: SumContext) => Result<Takeoff, SumError>;
};

export type Working = Result<Takeoff, SumError>;

/** Ties a table of fields to the function that works with their values; bad fields never reach it. */
export const defineSum = <const F extends Fields>(definition: {
  kind: string;
  title: string;
  asks: string;
  usesRoom?: boolean;
  fields: F;
  work: (values: Values<F>, context: SumContext) => Working;
}): Sum => ({
  kind: definition.kind,
  title: definition.title,
  asks: definition.asks,
  usesRoom: definition.usesRoom ?? false,
  fields: definition.fields,
  work: (raw, context) => {
    const values = readFields(definition.fields, raw);
    // The reader gives every field the type its definition says; the union of tables cannot follow that.
    return values.ok ? definition.work(values.value as Values<F>, context) : values;
  },
});

/** Values of all fields, or the first that cannot be read. */
export function readFields(
  fields: Fields,
  raw: Readonly<Record<string, unknown>>,
): Result<Record<string, unknown>, SumError> {
  const unknown = Object.keys(raw).find((name) => name !== 'kind' && !Object.hasOwn(fields, name));
  if (unknown !== undefined) return fail({ code: 'unknown-field', field: unknown });
  const values: Record<string, unknown> = {};
  for (const [name, field] of Object.entries<Field>(fields)) {
    const read = readField(field, raw[name]);
    if ('error' in read) return fail({ code: 'bad-field', field: name, error: read.error });
    values[name] = read.value;
  }
  return ok(values);
}

export const worked = (lines: Takeoff['lines'], cautions: string[] = []): Working =>
  ok({ lines, cautions });
export const needs = (what: string): Working => fail({ code: 'needs', what });
export const impossible = (field: string, why: string): Working =>
  fail({ code: 'impossible', field, why });
