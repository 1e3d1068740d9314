import type { PlanningInput } from '../../house';

type Rows = Readonly<Record<string, unknown>>;

/** What became of one field: replaced whole, or rows of a map set and dropped. */
type FieldChange =
  | { readonly kind: 'whole'; readonly value: unknown }
  | { readonly kind: 'rows'; readonly set: Rows; readonly drop: readonly string[] };

/** What differs between two inputs, by field. Empty when nothing does. */
export type InputChanges = Readonly<Record<string, FieldChange>>;

const isMap = (value: unknown): value is Rows =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isSame = (a: unknown, b: unknown): boolean =>
  a === b || (typeof a === 'object' && JSON.stringify(a) === JSON.stringify(b));

function fieldChange(was: unknown, is: unknown): FieldChange | undefined {
  if (was === is) return undefined;
  if (!isMap(was) || !isMap(is)) return isSame(was, is) ? undefined : { kind: 'whole', value: is };
  const set = Object.fromEntries(
    Object.entries(is).filter(([key, value]) => !isSame(was[key], value)),
  );
  const drop = Object.keys(was).filter((key) => !Object.hasOwn(is, key));
  return Object.keys(set).length + drop.length === 0 ? undefined : { kind: 'rows', set, drop };
}

/** What has to be said for `is` to whoever knows `was`; everything, to who knows nothing. */
export function changesBetween(was: PlanningInput | null, is: PlanningInput): InputChanges {
  const known: Rows = was ?? {};
  return Object.fromEntries(
    Object.entries(is).flatMap(([field, value]) => {
      const change = fieldChange(known[field], value);
      return change ? [[field, change]] : [];
    }),
  );
}

/** The input after some changes; checked by whoever receives it. */
export function withFieldChanges(was: unknown, changes: InputChanges): unknown {
  const known: Rows = isMap(was) ? was : {};
  const fields = Object.entries(changes).map(([field, change]) => {
    if (change.kind === 'whole') return [field, change.value] as const;
    const before = known[field];
    const rows: Record<string, unknown> = { ...(isMap(before) ? before : {}), ...change.set };
    for (const key of change.drop) delete rows[key];
    return [field, rows] as const;
  });
  return { ...known, ...Object.fromEntries(fields) };
}
