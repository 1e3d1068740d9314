import { placeIdSchema, placesInOrder, type PlaceId, type Project } from '@/core/house';
import { selectProject, useAppSelector } from '@/store';
import { PickField } from './fields';

/** What "the whole house" is typed as. */
export const WHOLE_HOUSE = 'whole';

/** A choice of {@link WhereField} as the core has it; null is the house as a whole. */
export const placeChosen = (typed: string): PlaceId | null =>
  typed === WHOLE_HOUSE ? null : placeIdSchema.parse(typed);

/** What is said of a room that went while a form about it was half typed. */
export const NO_SUCH_PLACE = 'That room is no longer in the house. Choose another.';

/** Whether every one of these rooms is still there; the whole house always is. */
export const areThere = (
  { places }: Pick<Project, 'places'>,
  ids: readonly (string | null)[],
): boolean => ids.every((id) => id === null || Object.hasOwn(places, id));

/** One of the rooms, or the whole house, under the name `placeId`. */
export function WhereField() {
  const project = useAppSelector(selectProject);
  return (
    <PickField
      name="placeId"
      label="Where"
      options={[
        { value: WHOLE_HOUSE, label: 'The whole house' },
        ...placesInOrder(project).map(({ id, name }) => ({ value: id, label: name })),
      ]}
    />
  );
}
