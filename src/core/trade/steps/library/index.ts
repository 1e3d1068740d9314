import type { Step } from '../step';
import { DEMOLITION } from './demolition';
import { FITTING } from './fitting';
import { LINES } from './lines';
import { LOOKS } from './looks';
import { OUTSIDE, WEATHER } from './shell';
import { SITE } from './site';
import { STRUCTURAL } from './structure';
import { SURFACES } from './surfaces';

/**
 * Every step Fresh Porch knows, in stage order. Add a step by adding a line to one of the tables, and one to `OPERATIONS`
 * (`doing.ts`) that says what it does to which assembly: its order follows from that.
 */
export const STEPS: readonly Step[] = [
  ...LOOKS,
  ...SITE,
  ...DEMOLITION,
  ...STRUCTURAL,
  ...WEATHER,
  ...LINES,
  ...SURFACES,
  ...FITTING,
  ...OUTSIDE,
].toSorted((a, b) => a.stage - b.stage);

const BY_ID = new Map(STEPS.map((step) => [step.id, step]));
/** A step by its id; undefined where the library has none. */
export const findStep = (id: string): Step | undefined => BY_ID.get(id);
