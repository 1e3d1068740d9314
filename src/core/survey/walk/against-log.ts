import { stepInId } from '../../trade/steps';
import {
  hasNothingToTakeOut,
  planningInputOf,
  readProgress,
  stateOf,
  type PlaceId,
  type Project,
} from '../../house';
import { operationOf, verbOf } from '../../trade/steps/operations';
import { findStep } from '../../trade/steps/library';

/** A state that the diary speaks against: a bare shell in which paint was logged. Told, and obeyed all the same. */
export type Contradiction = { placeId: PlaceId; titles: string[] };

const BUILDS = 3;
const COVERS = 8;
const HANDS_OVER = 12;

/** Work logged before the day the state was said, of a kind that leaves more standing than the state knows of. */
export function statesAgainstLog(house: Project): Contradiction[] {
  const progress = [...readProgress(planningInputOf(house))];
  return house.placeOrder.flatMap((placeId) => {
    const [place, said] = [house.places[placeId], house.placeStates[placeId]];
    if (!place || !said || !hasNothingToTakeOut(stateOf(house, place))) return [];
    const least = said.state === 'to-build' ? BUILDS : COVERS;
    const titles = progress.flatMap(([id, { firstOn }]) => {
      if (!id.startsWith(`${placeId}/`) || firstOn === null || firstOn >= said.on) return [];
      const step = findStep(stepInId(id) ?? '');
      const verb = verbOf(operationOf(step?.id ?? '')?.key ?? 0);
      return step && verb >= least && verb < HANDS_OVER ? [step.title] : [];
    });
    return titles.length > 0 ? [{ placeId, titles: [...new Set(titles)] }] : [];
  });
}
