import { minutes, type Minutes } from '../../units';
import type { Plan } from './plan';

/** What wants two people and nobody promised to be the second: the jobs, and the hours one would have to give. */
export function secondPairWanted({ jobs }: Pick<Plan, 'jobs'>): { jobs: number; minutes: Minutes } {
  const alone = jobs.filter(
    ({ doneOn, shortfalls }) => doneOn === null && shortfalls.includes('second-pair'),
  );
  // Two share what is left, so the second gives half of it.
  return {
    jobs: alone.length,
    minutes: minutes(alone.reduce((sum, { left }) => sum + Math.ceil(left / 2), 0)),
  };
}
