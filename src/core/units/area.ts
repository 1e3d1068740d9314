import { TICKS_PER_FOOT, TICKS_PER_MM, type UnitSystem } from './length';

declare const areaBrand: unique symbol;
/** An area in ticks², exact in a double up to about 946,000 sq ft. */
export type Area = number & { readonly [areaBrand]: true };

export const AREA_PER_SQFT = TICKS_PER_FOOT * TICKS_PER_FOOT;
export const AREA_PER_SQM = (TICKS_PER_MM * 1_000) ** 2;

/** Rounded to whole square ticks. */
export const area = (value: number): Area => Math.round(value) as Area;
/** Square feet in square ticks. */
export const fromSquareFeet = (squareFeet: number): Area => area(squareFeet * AREA_PER_SQFT);

/** `112 sq ft` or `10.4 m²`. */
export function formatArea(value: Area, system: UnitSystem): string {
  return system === 'imperial'
    ? `${Math.round(value / AREA_PER_SQFT).toLocaleString('en-US')} sq ft`
    : `${(value / AREA_PER_SQM).toFixed(1)} m²`;
}
