import {
  surveyIdOf,
  type Decision,
  type Element,
  type ElementCondition,
  type Place,
  type PlaceId,
  type Project,
  type Survey,
} from '../../house';
import { elementsOf } from '../scope';
import type { PlainDate } from '../../units';

const CONDITION_OF: Record<Decision, ElementCondition> = {
  keep: 'sound',
  clean: 'tired',
  repair: 'tired',
  replace: 'failing',
  remove: 'tired',
  move: 'tired',
  add: 'unknown',
  undecided: 'unknown',
};

/** A survey before anything is said of it; what was noted earlier stays until it is said anew. */
export function freshSurvey(
  project: Project,
  placeId: PlaceId,
  element: Element,
  decision: Decision,
  on: PlainDate,
): Survey {
  const before = project.surveys[surveyIdOf({ placeId, element })];
  return {
    placeId,
    element,
    on,
    decision,
    condition: CONDITION_OF[decision],
    how: null,
    count: before?.count ?? 1,
    reason: null,
    size: before?.size ?? null,
    suspicion: before?.suspicion ?? null,
    risk: before?.risk ?? null,
    salvage: null,
    options: decision === 'undecided' ? (before?.options ?? []) : [],
  };
}

/** "All sound, keep": everything in the place that was not looked at yet. */
export const allSound = (project: Project, place: Place, on: PlainDate): Survey[] =>
  elementsOf(place.kind)
    .filter((element) => !project.surveys[surveyIdOf({ placeId: place.id, element })])
    .map((element) => freshSurvey(project, place.id, element, 'keep', on));
