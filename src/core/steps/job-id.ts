import type { JobId } from '../house';

/** `back-bed/board.tape`, `floor1/hold.electric`, `house/move.in`. */
export const jobIdFor = (where: string, stepId: string): JobId => `${where}/${stepId}` as JobId;
