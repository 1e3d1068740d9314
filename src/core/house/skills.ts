import { z } from 'zod';

/** Kinds of work people call themselves good at. */
export const SKILLS = [
  { id: 'demolition', title: 'Tearing out' },
  { id: 'structure', title: 'Structure' },
  { id: 'roof and outside', title: 'Roof and outside' },
  { id: 'electrics', title: 'Electrics' },
  { id: 'plumbing', title: 'Plumbing and heating' },
  { id: 'board', title: 'Insulation, board and plaster' },
  { id: 'tiling', title: 'Tiling' },
  { id: 'floors', title: 'Floors' },
  { id: 'carpentry', title: 'Doors, trim, cabinets' },
  { id: 'painting', title: 'Painting' },
] as const;
export const skillSchema = z.enum(SKILLS.map(({ id }) => id));
export type Skill = z.infer<typeof skillSchema>;
