import { z } from 'zod';
import { fail, ok, type Result } from '../result';

/** A length in ticks, 320 to the millimetre: 1/64 in = 127 and 1 mm = 320 are both exact. */
export const ticksSchema = z.int().brand<'Ticks'>();
export type Ticks = z.infer<typeof ticksSchema>;

export type UnitSystem = 'imperial' | 'metric';
export const unitSystemSchema = z.enum(['imperial', 'metric']);

export const TICKS_PER_MM = 320;
export const TICKS_PER_INCH = 8_128;
export const TICKS_PER_FOOT = 97_536;

/** Rounded to whole ticks of 1/320 mm. */
export const ticks = (value: number): Ticks => Math.round(value) as Ticks;
/** Inches in ticks. */
export const fromInches = (inches: number): Ticks => ticks(inches * TICKS_PER_INCH);
/** Feet in ticks. */
export const fromFeet = (feet: number): Ticks => ticks(feet * TICKS_PER_FOOT);
/** Millimetres in ticks. */
export const fromMillimetres = (mm: number): Ticks => ticks(mm * TICKS_PER_MM);

export type LengthError =
  | { code: 'empty' }
  | { code: 'unreadable'; text: string }
  | { code: 'no-unit'; text: string }
  | { code: 'zero-fraction'; text: string };

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

/** One way of writing each mark, so that the grammar below stays small. */
function normalise(text: string): string {
  return text
    .trim()
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (mark) => ` ${VULGAR[mark] ?? ''}`)
    .replace(/[’‘′`]/g, "'")
    .replace(/[”“″]|''/g, '"')
    .replace(/\b(feet|foot|ft)\b\.?|(?<=\d)(feet|foot|ft)\b\.?/g, "'")
    .replace(/\b(inches|inch|in)\b\.?|(?<=\d)(inches|inch|in)\b\.?/g, '"')
    .replace(/\s+/g, ' ')
    .trim();
}

const METRIC =
  /^(\d+(?:[.,]\d+)?)\s*(mm|millimet(?:re|er)s?|cm|centimet(?:re|er)s?|m|met(?:re|er)s?)$/;
const METRIC_PAIR = /^(\d+)\s*m\s*(\d{1,3})\s*(cm|mm)?$/;
/** A fraction stands alone or behind a blank or dash: `13/16` is not `1 3/16`. */
const FEET_INCHES =
  /^(?:(\d+(?:\.\d+)?)\s*')?\s*(?:(\d+(?:\.\d+)?)(?:\s*[- ]\s*(\d+)\/(\d+))?|(\d+)\/(\d+))?\s*("?)$/;
const FEET_DASH_INCHES = /^(\d+)\s*-\s*(\d+(?:\.\d+)?)(?:\s+(\d+)\/(\d+))?\s*"?$/;

const TICKS_PER_METRIC_UNIT = { mm: 320, c: 3_200, m: 320_000 } as const;

function metricTicks(amount: string, unit: string): Ticks {
  const per =
    unit.startsWith('mm') || unit.startsWith('milli')
      ? TICKS_PER_METRIC_UNIT.mm
      : unit.startsWith('c')
        ? TICKS_PER_METRIC_UNIT.c
        : TICKS_PER_METRIC_UNIT.m;
  return ticks(Number(amount.replace(',', '.')) * per);
}

function imperialTicks(
  text: string,
  feet = '0',
  inches = '0',
  top = '0',
  bottom = '1',
): Result<Ticks, LengthError> {
  if (Number(bottom) === 0) return fail({ code: 'zero-fraction', text });
  const total = Number(inches) + Number(top) / Number(bottom);
  return ok(ticks(Number(feet) * TICKS_PER_FOOT + total * TICKS_PER_INCH));
}

/**
 * Reads a length as people write it: `12' 3 1/2"`, `147.5"`, `12-3 1/2`, `3.74 m`, `374cm`, `3 m 74`.
 * A bare number is refused (`no-unit`) rather than guessed. The sign is not accepted: sizes are never negative.
 */
export function parseLength(text: string): Result<Ticks, LengthError> {
  const clean = normalise(text);
  if (clean === '') return fail({ code: 'empty' });
  const metric = METRIC.exec(clean);
  if (metric) return ok(metricTicks(metric[1] ?? '', metric[2] ?? ''));
  const pair = METRIC_PAIR.exec(clean);
  if (pair) {
    const rest = pair[2] ?? '0';
    const restUnit = pair[3] ?? (rest.length === 3 ? 'mm' : 'cm');
    return ok(ticks(metricTicks(pair[1] ?? '0', 'm') + metricTicks(rest, restUnit)));
  }
  if (/^\d+([.,]\d+)?$/.test(clean)) return fail({ code: 'no-unit', text });
  const dashed = FEET_DASH_INCHES.exec(clean);
  if (dashed) return imperialTicks(text, dashed[1], dashed[2], dashed[3], dashed[4]);
  const imperial = FEET_INCHES.exec(clean);
  if (imperial && (imperial[1] ?? imperial[2] ?? imperial[5]) !== undefined) {
    const [, feet, inches, top, bottom, loneTop, loneBottom, mark] = imperial;
    if (feet === undefined && mark === '') return fail({ code: 'no-unit', text });
    return imperialTicks(text, feet, inches, top ?? loneTop, bottom ?? loneBottom);
  }
  return fail({ code: 'unreadable', text });
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}

/** `12' 3 1/2"`, to the nearest sixteenth of an inch. */
export function toFeetInches(length: Ticks): string {
  const sixteenths = Math.round((Math.abs(length) * 16) / TICKS_PER_INCH);
  const feet = Math.floor(sixteenths / 192);
  const inches = Math.floor((sixteenths % 192) / 16);
  const rest = sixteenths % 16;
  const shared = greatestCommonDivisor(rest, 16);
  const fraction = rest === 0 ? '' : `${rest / shared}/${16 / shared}`;
  const inchText = [inches > 0 || (rest === 0 && feet === 0) ? `${inches}` : '', fraction]
    .filter(Boolean)
    .join(' ');
  const sign = length < 0 ? '-' : '';
  return (
    sign + [feet > 0 ? `${feet}'` : '', inchText ? `${inchText}"` : ''].filter(Boolean).join(' ')
  );
}

/** `3.74 m`, to the nearest millimetre, without trailing noughts past the centimetre. */
export function toMetres(length: Ticks): string {
  const metres = (Math.round(length / TICKS_PER_MM) / 1_000).toFixed(3);
  return `${metres.replace(/0$/, '')} m`;
}

/** A length as the house's units write it: feet, inches and sixteenths, or metres. */
export function formatLength(length: Ticks, system: UnitSystem): string {
  return system === 'imperial' ? toFeetInches(length) : toMetres(length);
}
