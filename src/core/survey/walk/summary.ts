import {
  placesInOrder,
  surveyIdOf,
  type Element,
  type Place,
  type PlaceId,
  type HouseFacts,
  type Survey,
} from '../../house';
import { openRisks, type OpenRisk } from '../risk';
import { elementsOf } from '../scope';

/** What the walk says of one place. */
export type PlaceWalk = {
  place: Place;
  elements: readonly Element[];
  /** Elements not looked at yet. */
  left: readonly Element[];
  stays: readonly Survey[];
  goes: readonly Survey[];
  undecided: readonly Survey[];
  openFirst: readonly OpenRisk[];
};

const STAYS = new Set(['keep', 'clean', 'repair']);

/** What was said of one place on the walk: what stays, what goes, what is open. */
export function walkOf(project: HouseFacts, place: Place): PlaceWalk {
  const elements = elementsOf(place.kind);
  const seen = elements.flatMap(
    (element) => project.surveys[surveyIdOf({ placeId: place.id, element })] ?? [],
  );
  return {
    place,
    elements,
    left: elements.filter((element) => !seen.some((survey) => survey.element === element)),
    stays: seen.filter(({ decision }) => STAYS.has(decision)),
    goes: seen.filter(({ decision }) => decision !== 'undecided' && !STAYS.has(decision)),
    undecided: seen.filter(({ decision }) => decision === 'undecided'),
    openFirst: openRisks(project).filter(({ placeId }) => placeId === place.id),
  };
}

/** The same of all places, in walking order. */
export const walkThrough = (project: HouseFacts): PlaceWalk[] =>
  placesInOrder(project).map((place) => walkOf(project, place));

/** Things taken out to be used again, as the stores keep them. */
export type Salvage = { surveyId: string; placeId: PlaceId; what: string; size: string | null };

/** Everything that is taken out to be used again. */
export const salvageOf = (project: HouseFacts): Salvage[] =>
  Object.values(project.surveys).flatMap((survey) =>
    survey.salvage && ['remove', 'replace', 'move'].includes(survey.decision)
      ? [{ surveyId: surveyIdOf(survey), placeId: survey.placeId, ...survey.salvage }]
      : [],
  );
