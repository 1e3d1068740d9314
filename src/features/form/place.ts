import type { Project } from '@/core/house';

/** What is said of a room that went while a form about it was half typed. */
export const NO_SUCH_PLACE = 'That room is no longer in the house. Choose another.';

/** Whether every one of these rooms is still there; the whole house always is. */
export const areThere = (
  { places }: Pick<Project, 'places'>,
  ids: readonly (string | null)[],
): boolean => ids.every((id) => id === null || Object.hasOwn(places, id));
