import { isOutside, type PlaceKind } from '../../house';
import type { StageNumber } from './stages';

/** What a job asks of the day and of the room it is done in. */
export type JobLimits = {
  /** Once begun it is finished within the day: each piece of what is counted, or the whole of it. */
  inOneGo?: 'each' | 'whole';
  /** Wet or dusty: nobody else works in that room meanwhile, or until its wait is over too. */
  closesRoom?: 'work' | 'wait';
  /** Wants daylight and stands still in the season's rest. */
  outdoors?: true;
  /** A hired tool, to go back within so many days. */
  hire?: { tool: string; days: number };
};

const DUST: JobLimits = { closesRoom: 'work' };
const WET: JobLimits = { closesRoom: 'wait' };
const OUT: JobLimits = { outdoors: true };

const OUT_DUSTY: JobLimits = { outdoors: true };
const A_DAY_EACH: JobLimits = { inOneGo: 'each' };
const OUT_A_DAY_EACH: JobLimits = { inOneGo: 'each', outdoors: true };

/** By step. What stops half way lets the rain in, sets in the mixer, or leaves the house open for the night. */
const BY_STEP: Readonly<Record<string, JobLimits>> = {
  'demo.ceiling': DUST,
  'demo.walls': DUST,
  'demo.surround': DUST,
  'demo.floor': DUST,
  'demo.wall': { ...DUST, inOneGo: 'each' },
  'demo.partition': DUST,
  'demo.part': DUST,
  'demo.porch': OUT,
  'demo.siding': OUT,
  'safe.abate': DUST,
  'chimney.out': OUT_DUSTY,
  'base.dig': OUT,
  'base.layout': OUT,
  'base.footing': { inOneGo: 'whole', outdoors: true },
  'base.wall': OUT,
  'base.backfill': OUT,
  'deck.dig': OUT,
  'deck.footing': OUT,
  'deck.posts': OUT,
  'deck.ledger': OUT,
  'deck.frame': OUT,
  'structure.shore': A_DAY_EACH,
  'frame.walls': OUT,
  'frame.roof': OUT,
  'frame.sheath': OUT,
  'frame.deck-roof': OUT,
  'slab.pour': { inOneGo: 'whole', closesRoom: 'wait', hire: { tool: 'mixer', days: 1 } },
  'opening.set': A_DAY_EACH,
  'structure.opening': A_DAY_EACH,
  'join.old-new': OUT,
  'roof.section': { outdoors: true, hire: { tool: 'tarps and roof jacks', days: 14 } },
  'roof.dry-in': OUT,
  'roof.leads': OUT_A_DAY_EACH,
  'roof.cover': OUT,
  'roof.ridge': OUT,
  'shell.roof': OUT,
  'shell.gutter': OUT,
  'shell.drain': OUT,
  'shell.clear-drains': OUT,
  'shell.wrap': { outdoors: true, hire: { tool: 'scaffold', days: 14 } },
  'face.flash': OUT,
  'shell.porch': OUT,
  'shell.window': A_DAY_EACH,
  'shell.door': A_DAY_EACH,
  'insulate.blown': { closesRoom: 'work', hire: { tool: 'blowing machine', days: 2 } },
  'board.sand': DUST,
  'floor.level': { ...WET, inOneGo: 'whole' },
  'floor.sand': { closesRoom: 'work', hire: { tool: 'floor sander', days: 2 } },
  'floor.finish': WET,
  'tile.seal': WET,
  'tile.grout': WET,
  'mend.skin': OUT,
  'opening.skin': OUT,
  'outside.siding': { outdoors: true, hire: { tool: 'scaffold', days: 21 } },
  'wall.render': OUT,
  'outside.paint': OUT,
  'outside.deck': OUT,
  'outside.rail': OUT,
  'outside.grade': OUT,
  'outside.paving': OUT,
  'outside.fence': OUT,
  'outside.lawn': OUT,
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
export const hiredLimits = ({ closesRoom, outdoors }: JobLimits): JobLimits => ({
  ...(closesRoom ? { closesRoom } : {}),
  ...(outdoors ? { outdoors } : {}),
});

/** The steps named here; a test proves that each is in the library. */
export const LIMITED_STEPS = Object.keys(BY_STEP);
