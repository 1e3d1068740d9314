import { z } from 'zod';

/** What one looks at in a place, in the order of the walk: overhead, round, underfoot, then what runs through it. */
export const elementSchema = z.enum([
  'ceiling',
  'walls',
  'floor',
  'windows',
  'doors',
  'stairs',
  'plumbing',
  'heating',
  'power',
  'fixtures',
  'storage',
  'skin',
  'drainage',
  'chimney',
  'stove',
  'partition',
  'beam',
  'foundation',
  'insulation',
  'ground',
]);
export type Element = z.infer<typeof elementSchema>;

export const suspicionSchema = z.enum([
  'leak',
  'rot',
  'pest',
  'mould',
  'movement',
  'wiring',
  'asbestos',
  'lead',
  'no-permit',
  'not-to-code',
  'off-square',
]);
export type Suspicion = z.infer<typeof suspicionSchema>;
