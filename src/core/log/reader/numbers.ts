import type { NumberStyle } from '../../house/ways';
import type { Token } from '../../language/tokens';
import { FRACTION_SIGNS, ONES, TENS } from '../../language/number-words';

export type SaidNumber = {
  value: number;
  /** Index of the token behind it. */
  to: number;
  /** "Twelve fifty": two numbers that may be money or a length with its hundredths. */
  isPair?: boolean;
};

/**
 * Digits with their signs: `1,250.00`, `1.250,00`, `2,5`, `65.000`. With one sign and three digits behind it the
 * house's own way of writing decides; both signs in one number speak for themselves.
 */
function digitsValue(text: string, style: NumberStyle): number | undefined {
  if (!/^\d+(?:[.,]\d+)*$/.test(text)) return undefined;
  const signs = text.replace(/\d/g, '');
  const last = signs.at(-1);
  if (last === undefined) return Number(text);
  const thousands = style === 'point' ? ',' : '.';
  const isGrouped = text
    .split(/[.,]/)
    .slice(1)
    .every((group) => group.length === 3);
  const isWhole =
    new Set(signs).size === 1 && isGrouped && (last === thousands || signs.length > 1);
  if (isWhole) return Number(text.replace(/[.,]/g, ''));
  if (signs.length > 1 && new Set(signs.slice(0, -1)).has(last)) return undefined;
  const at = text.lastIndexOf(last);
  return Number(`${text.slice(0, at).replace(/[.,]/g, '')}.${text.slice(at + 1)}`);
}

const word = (tokens: readonly Token[], at: number): string => tokens[at]?.word ?? '';

/** "Forty five", "nineteen hundred", "two thousand four hundred". */
function spokenWhole(tokens: readonly Token[], from: number): SaidNumber | undefined {
  let at = from;
  let total = 0;
  let part: number | undefined;
  let isPair = false;
  // "A hundred and twenty".
  if (word(tokens, at) === 'a' && /^(?:hundred|thousand)$/.test(word(tokens, at + 1))) {
    part = 1;
    at += 1;
  }
  for (;;) {
    const said = word(tokens, at);
    const isAnd = said === 'and' && part !== undefined && part >= 100 && part % 100 === 0;
    if (isAnd && (word(tokens, at + 1) in ONES || word(tokens, at + 1) in TENS)) {
      at += 1;
      continue;
    }
    const hyphen = said === '-' && part !== undefined && word(tokens, at + 1) in ONES;
    const next = hyphen ? word(tokens, at + 1) : said;
    const one = ONES[next];
    const ten = TENS[next];
    if (part === undefined) {
      if (one === undefined && ten === undefined) break;
      part = one ?? ten;
    } else if (one !== undefined && one > 0 && part >= 20 && part % 10 === 0 && one < 10)
      part += one;
    else if (said === 'hundred') part *= 100;
    else if (said === 'thousand' || said === 'grand') {
      total += part * 1000;
      part = 0;
    } else if (part % 100 === 0 && part > 0 && (one !== undefined || ten !== undefined)) {
      part += one ?? ten ?? 0;
    } else if (
      total === 0 &&
      part > 0 &&
      part < 100 &&
      !isPair &&
      (ten !== undefined || (one !== undefined && one >= 10))
    ) {
      // "Twelve fifty".
      const second: SaidNumber = spokenWhole(tokens, at) ?? { value: 0, to: at };
      if (second.value >= 10 && second.value < 100) {
        return { value: part + second.value / 100, to: second.to, isPair: true };
      }
      break;
    } else break;
    at += hyphen ? 2 : 1;
  }
  return part === undefined ? undefined : { value: total + part, to: at };
}

/** A simple fraction written with a stroke: `1/2`, where both are small. */
function strokeFraction(tokens: readonly Token[], at: number): SaidNumber | undefined {
  const [over, sign, under] = [tokens[at], tokens[at + 1], tokens[at + 2]];
  if (sign?.text !== '/' || !over || !under || !sign.glued || !under.glued) return undefined;
  if (!/^[123]$/.test(over.text) || !/^[234]$/.test(under.text)) return undefined;
  const value = Number(over.text) / Number(under.text);
  return value < 1 ? { value, to: at + 3 } : undefined;
}

/** A fraction that adds to the number before it: `½`, `1/2`, "and a half", "and three quarters". */
function addedFraction(tokens: readonly Token[], at: number): SaidNumber | undefined {
  const sign = FRACTION_SIGNS[word(tokens, at)];
  if (sign !== undefined) return { value: sign, to: at + 1 };
  const stroke = strokeFraction(tokens, at);
  if (stroke) return stroke;
  if (word(tokens, at) !== 'and') return undefined;
  return spokenFraction(tokens, at + 1);
}

/** "A half", "half", "a quarter", "three quarters", "two thirds". */
export function spokenFraction(tokens: readonly Token[], from: number): SaidNumber | undefined {
  let at = from;
  const count = word(tokens, at);
  let over = 1;
  if (count === 'a' || count === 'one') at += 1;
  else if (count === 'two' || count === 'three' || count === '2' || count === '3') {
    over = ONES[count] ?? Number(count);
    at += 1;
  }
  if (word(tokens, at) === '-') at += 1;
  const part = word(tokens, at);
  const under = /^hal(?:f|ves)$/.test(part)
    ? 2
    : /^thirds?$/.test(part)
      ? 3
      : /^quarters?$/.test(part)
        ? 4
        : 0;
  return under > over ? { value: over / under, to: at + 1 } : undefined;
}

/** The number that begins at a token: digits, words or fractions; undefined when none does. */
export function numberAt(
  tokens: readonly Token[],
  at: number,
  style: NumberStyle,
): SaidNumber | undefined {
  const token = tokens[at];
  if (!token) return undefined;
  if (token.kind === 'number') {
    const fraction = strokeFraction(tokens, at);
    if (fraction) return fraction;
    const sign = FRACTION_SIGNS[token.text];
    const value = sign ?? digitsValue(token.text, style);
    if (value === undefined) return undefined;
    const next = tokens[at + 1];
    const isThousands =
      (next?.glued && next.word === 'k') || next?.word === 'grand' || next?.word === 'thousand';
    if (isThousands) return { value: value * 1000, to: at + 2 };
    const more =
      sign === undefined && Number.isInteger(value) ? addedFraction(tokens, at + 1) : undefined;
    return more ? { value: value + more.value, to: more.to } : { value, to: at + 1 };
  }
  if (token.word === 'dozen') return { value: 12, to: at + 1 };
  if (/^(?:a|half)$/.test(token.word) && /^(?:dozen|couple|few)$/.test(word(tokens, at + 1))) {
    if (word(tokens, at + 1) === 'few') return undefined;
    const dozens = word(tokens, at + 1) === 'dozen' ? 12 : 2;
    const of = word(tokens, at + 2) === 'of' ? 1 : 0;
    return { value: token.word === 'half' ? dozens / 2 : dozens, to: at + 2 + of };
  }
  if (token.word === 'half' && word(tokens, at + 1) === 'a' && word(tokens, at + 2) === 'dozen') {
    return { value: 6, to: at + 3 };
  }
  const whole = spokenWhole(tokens, at);
  if (!whole) return undefined;
  if (whole.isPair) return whole;
  if (word(tokens, whole.to) === 'point' && word(tokens, whole.to + 1) in ONES) {
    return { value: whole.value + (ONES[word(tokens, whole.to + 1)] ?? 0) / 10, to: whole.to + 2 };
  }
  const more = addedFraction(tokens, whole.to);
  return more ? { value: whole.value + more.value, to: more.to } : whole;
}
