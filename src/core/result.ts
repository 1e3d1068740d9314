/** What a user can cause is returned, never thrown: the value, or a coded error without prose. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

/** A success. */
export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
/** A failure the user can cause: a code with its data, no prose. */
export const fail = <E>(error: E): { readonly ok: false; readonly error: E } => ({
  ok: false,
  error,
});

/** Closes a switch over a union: adding a member breaks the build until it is handled. */
export function assertNever(value: never): never {
  throw new Error(`unhandled case: ${JSON.stringify(value)}`);
}
