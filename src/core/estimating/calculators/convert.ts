import { AREA_PER_SQFT, AREA_PER_SQM, type UnitSystem } from '../../units';
import { rounded } from './line';

/** What the formulas count in, and what a metric label says. */
export const SQFT_PER_M2 = AREA_PER_SQM / AREA_PER_SQFT;
export const M3_PER_CUBIC_FOOT = 0.028_316_846_592;
export const M3_PER_YARD = 27 * M3_PER_CUBIC_FOOT;
export const KG_PER_POUND = 0.453_592_37;
/** Pounds a square foot as kilograms a square metre. */
export const KG_PER_M2 = KG_PER_POUND * SQFT_PER_M2;
/** One btu/h °F in W/K. */
export const WATTS_PER_KELVIN = 0.527_528;
/** One m² K/W in ft² h °F/btu. */
const R_PER_RSI = 5.678_263;

/** R as the formulas take it, from whichever label was read. */
export const inR = (r: number, rsi: number | undefined): number =>
  rsi === undefined ? r : rsi * R_PER_RSI;
/** An insulation's R as the house's units say it: R, or m²K/W. */
export const sayR = (r: number, units: UnitSystem): string =>
  String(rounded(units === 'metric' ? r / R_PER_RSI : r));
/** U the other way about: W/m² K of a metric label in btu/h ft² °F. */
export const inU = (u: number, usi: number | undefined): number =>
  usi === undefined ? u : usi / R_PER_RSI;
/** A window's U as the house's units say it: Btu/(h ft² °F), or W/(m²K). */
export const sayU = (u: number, units: UnitSystem): string =>
  String(rounded(units === 'metric' ? u * R_PER_RSI : u));
/** The temperature in degrees Fahrenheit; the one in Celsius wins where it was given. */
export const inFahrenheit = (fahrenheit: number, celsius: number | undefined): number =>
  celsius === undefined ? fahrenheit : celsius * 1.8 + 32;
