import { isOutside, type PlaceKind } from '../house';
import type { StageNumber } from './stages';

/** What a job asks of the day and of the room it is done in. */
export type JobLimits = {
  /** Once begun it is finished within the day: each piece of what is counted, or the whole of it. */
  inOneGo?: 'each' | 'whole';
  /** Wet or dusty: nobody else works in that room meanwhile, or until its wait is over too. */
  shuts?: 'work' | 'wait';
  /** Wants daylight and stands still in the season's rest. */
  outdoors?: true;
  /** A hired tool, to go back within so many days. */
  hire?: { tool: string; days: number };
};

const DUST: JobLimits = { shuts: 'work' };
const WET: JobLimits = { shuts: 'wait' };
const OUT: JobLimits = { outdoors: true };

/** By step. What stops half way lets the rain in, sets in the mixer, or leaves the house open for the night. */
const BY_STEP: Readonly<Record<string, JobLimits>> = {
  'demo.ceiling': DUST,
  'demo.walls': DUST,
  'demo.floor': DUST,
  'demo.wall': DUST,
  'demo.part': DUST,
  'demo.porch': OUT,
  'demo.siding': OUT,
  'safe.abate': DUST,
  'structure.shore': { inOneGo: 'each' },
  'slab.pour': { inOneGo: 'whole', shuts: 'wait', hire: { tool: 'mixer', days: 1 } },
  'shell.roof': { outdoors: true },
  'shell.gutter': OUT,
  'shell.drain': OUT,
  'shell.clear-drains': OUT,
  'shell.wrap': { outdoors: true, hire: { tool: 'scaffold', days: 14 } },
  'shell.porch': OUT,
  'shell.window': { inOneGo: 'each' },
  'shell.door': { inOneGo: 'each' },
  'insulate.blown': { shuts: 'work', hire: { tool: 'blowing machine', days: 2 } },
  'board.sand': DUST,
  'floor.level': WET,
  'floor.sand': { shuts: 'work', hire: { tool: 'floor sander', days: 2 } },
  'floor.finish': WET,
  'tile.seal': WET,
  'tile.grout': WET,
  'mend.skin': OUT,
  'outside.siding': { outdoors: true, hire: { tool: 'scaffold', days: 21 } },
  'outside.paint': OUT,
  'outside.deck': OUT,
  'outside.rail': OUT,
  'outside.grade': OUT,
};

/** Looking, deciding and measuring are done in any light. */
const FIRST_STAGE_OF_WORK = 3;

const NONE: JobLimits = {};

/** The limits of a step in a place; whatever is built on an outside face is outdoors. */
export function limitsOf(
  stepId: string | null,
  stage: StageNumber,
  kind: PlaceKind | undefined,
): JobLimits {
  const limits = (stepId === null ? undefined : BY_STEP[stepId]) ?? NONE;
  const isOut = kind !== undefined && isOutside(kind) && stage >= FIRST_STAGE_OF_WORK;
  return isOut && !limits.outdoors ? { ...limits, outdoors: true } : limits;
}

/** A trade brings its own tools and crew; the room and the weather stay what they are. */
export const hiredLimits = ({ shuts, outdoors }: JobLimits): JobLimits => ({
  ...(shuts ? { shuts } : {}),
  ...(outdoors ? { outdoors } : {}),
});

/** The steps named here; a test proves that each is in the library. */
export const LIMITED_STEPS = Object.keys(BY_STEP);
