/** A number that may read as minus nought: written as such, or too small to be anything else. */
const MINUS_NOUGHT = /-0(?!\d)|e-/i;

/**
 * A text of JSON as a value. Minus nought is nought: written again it would be, and a house must open the same again.
 * Throws a SyntaxError for what is no JSON.
 */
export const valueOfJson = (text: string): unknown =>
  MINUS_NOUGHT.test(text)
    ? JSON.parse(text, (_, value: unknown) => (value === 0 ? 0 : value))
    : JSON.parse(text);
