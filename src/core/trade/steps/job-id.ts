import type { JobId } from '../../house';

/** `back-bed/board.tape`, `floor1/hold.electric`, `house/move.in`. */
export const jobIdFor = (where: string, stepId: string): JobId => `${where}/${stepId}` as JobId;

/** The rest of a job in two parts: `bed/board.hang` and `bed/board.hang~2`. */
export const partIdOf = (id: JobId): JobId => `${id}~2` as JobId;

/** The step in a job's id, whichever of its kind and whichever part it is; undefined where there is none. */
export const stepInId = (id: string): string | undefined =>
  id.split('/')[1]?.replace(/(#\d+)?(~2)*$/, '');
