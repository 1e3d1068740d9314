import { placeNameOf, type PersonId, type PlaceId, type Project } from '../core/house';
import type { PlannedJob } from '../core/planning/report';

/** Names for people: a place's own, also after it was removed, or the house as a whole. */
export const placeNameIn = (project: Project, placeId: PlaceId | null): string =>
  placeId === null ? 'Whole house' : placeNameOf(project, placeId);

/** A person's name, also of one who no longer works on the house. */
export const personNameIn = (project: Project, personId: PersonId): string =>
  project.people.find(({ id }) => id === personId)?.name ??
  project.formerNames[personId] ??
  'Somebody';

const floorWords = (floor: number): string => {
  if (floor < 0) return 'Cellar floor';
  return floor === 0 ? 'Ground floor' : floor === 1 ? 'Upstairs' : `Floor ${floor} up`;
};

/** The room, the floor an inspector visits, or the whole house. */
export function placeOf(
  project: Project,
  { placeId, floor }: Pick<PlannedJob, 'placeId' | 'floor'>,
): string {
  if (placeId !== null) return project.places[placeId]?.name ?? '';
  return floor === null ? 'Whole house' : floorWords(floor);
}
