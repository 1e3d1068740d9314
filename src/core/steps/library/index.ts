import type { Step } from '../step';
import { CARCASS } from './carcass';
import { CLOSE } from './close';
import { FITOUT } from './fitout';
import { LOOKS, MEND } from './mend';
import { HOLDS, PREPARE } from './prepare';
import { SURFACES } from './surfaces';

/** Every step Fresh Porch knows, in stage order. Add a step by adding a line to one of the tables. */
export const STEPS: readonly Step[] = [
  ...PREPARE,
  ...HOLDS,
  ...LOOKS,
  ...CARCASS,
  ...MEND,
  ...SURFACES,
  ...FITOUT,
  ...CLOSE,
].toSorted((a, b) => a.stage - b.stage);

const BY_ID = new Map(STEPS.map((step) => [step.id, step]));
export const findStep = (id: string): Step | undefined => BY_ID.get(id);
