import type { PlanningInput } from '../../house';
import { renewalSequence } from '../../survey/scope';
import { linkJobs, type Link } from '../../trade/precedence';
import type { Job } from '../../trade/steps';

/** Every link between jobs of a house: {@link linkJobs} with the sequence in which its baths and kitchens are renewed. */
export const linksOf = (jobs: readonly Job[], house: PlanningInput): Link[] =>
  linkJobs(jobs, house, renewalSequence(house));
