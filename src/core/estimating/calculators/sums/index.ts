import type { Calculator } from '../calculator';
import { framing, opening, stairs, trim } from './carpentry';
import { drywall } from './drywall';
import { flooring, planks, tile } from './floors';
import { assembly, batts, blown } from './insulation';
import { concrete, deck, roof, siding, wrap } from './outside';
import { paint, wallpaper } from './paint';
import { lights } from './lights';
import { debris, fan, fit, heat, underfloor } from './services';

/** Every calculator, in the order of the work. */
export const CALCULATORS: readonly Calculator[] = [
  debris,
  concrete,
  framing,
  opening,
  stairs,
  roof,
  wrap,
  siding,
  deck,
  batts,
  blown,
  assembly,
  drywall,
  paint,
  wallpaper,
  flooring,
  planks,
  tile,
  trim,
  lights,
  fan,
  heat,
  underfloor,
  fit,
];

const BY_KIND = new Map(CALCULATORS.map((sum) => [sum.kind, sum]));
/** A calculator by its kind; undefined where there is none of that name. */
export const findCalculator = (kind: string): Calculator | undefined => BY_KIND.get(kind);
