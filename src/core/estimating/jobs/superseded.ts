import { type PlanningInput, type PlaceId, loggedIn } from '../../house';
import { stepInId } from '../../trade/steps/job-id';
import { operationOf } from '../../trade/steps/operations';

/** Steps that works of the first library were given later, by work. */
const ADDED_LATER: Readonly<Record<string, readonly string[]>> = {
  reline: ['site.bin'],
  'reline-walls': ['site.bin'],
  'reline-ceiling': ['site.bin'],
  repaint: ['survey.test'],
  'strip-ceiling': ['site.bin'],
  'new-floor': ['site.bin'],
  'tile-floor': ['survey.test', 'site.bin'],
  'strip-floor': ['site.bin'],
  'inside-doors': ['trim.prefinish'],
  'ease-door': ['survey.test'],
  'close-opening': ['opening.patch', 'opening.skin', 'close.clean', 'close.punch'],
  'move-opening': [
    'opening.check',
    'opening.reroute',
    'hold.electric',
    'opening.shore',
    'opening.frame',
    'opening.set',
    'opening.unshore',
    'opening.patch',
    'opening.skin',
    'close.clean',
    'close.punch',
  ],
  bathroom: [
    'pieces.here',
    'temp.toilet',
    'temp.wash',
    'site.home',
    'site.bin',
    'rough.bath-wall',
    'final.mechanical',
    'rough.firestop',
    'hold.framing',
    'final.building',
    'fit.fan',
  ],
  laundry: ['rough.firestop', 'hold.framing', 'final.building'],
  kitchen: [
    'pieces.here',
    'temp.kitchen',
    'temp.tops',
    'site.home',
    'site.bin',
    'final.mechanical',
    'rough.firestop',
    'hold.framing',
    'final.building',
  ],
  boiler: ['record.walls', 'final.mechanical'],
  'open-up': [
    'look.isolate',
    'look.open',
    'bearing.reroute',
    'bearing.posts',
    'bearing.beam-in',
    'bearing.joists',
    'bearing.look',
    'site.bin',
    'final.building',
  ],
  'new-wall': ['rough.firestop'],
  'move-wall': [
    'look.isolate',
    'look.open',
    'bearing.reroute',
    'bearing.posts',
    'bearing.beam-in',
    'bearing.joists',
    'bearing.look',
    'site.bin',
  ],
  'repair-floor': ['survey.test', 'site.bin'],
  screed: ['survey.test', 'site.bin'],
  'new-stair': ['site.bin'],
  roof: ['survey.test'],
  siding: ['decide.finishes', 'site.scaffold', 'site.bin', 'face.flash'],
  porch: ['survey.test', 'site.bin', 'hold.deck'],
  yard: ['site.locate'],
  'take-out': ['site.bin'],
  'look-open': ['look.isolate'],
};

/** The furthest key the diary, a tick or a visit speaks of, by place. */
function furthestLogged(house: PlanningInput): (placeId: PlaceId) => number {
  const named = [
    ...Object.keys('logged' in house ? house.logged : loggedIn(house)),
    ...Object.keys(house.ticked),
  ];
  const furthest = new Map<string, number>();
  for (const id of named) {
    const [placeId = ''] = id.split('/');
    const stepId = stepInId(id) ?? '';
    const key = operationOf(stepId)?.key ?? 0;
    furthest.set(placeId, Math.max(furthest.get(placeId) ?? 0, key));
  }
  return (placeId) => furthest.get(placeId) ?? 0;
}

/**
 * Whether a place is past a step that its work did not have when it was chosen: work that follows it was logged, so
 * nobody can do it any more and the plan does not ask for it. A house from before the step keeps a sensible plan; in a
 * new house the step is there from the first day and is never past by itself.
 */
export function supersededIn(
  house: PlanningInput,
): (workId: string, placeId: PlaceId, stepId: string) => boolean {
  const furthest = furthestLogged(house);
  return (workId, placeId, stepId) =>
    ADDED_LATER[workId]?.includes(stepId) === true &&
    (operationOf(stepId)?.key ?? 0) < furthest(placeId);
}
