import type { z } from 'zod';
import type { Project } from '../../house/project';

/** One kind of event: what it carries and what it does to the house. */
export type EventDefinition<T extends string, S extends z.ZodType> = {
  readonly type: T;
  readonly payload: S;
  /** Pure. A payload that refers to something gone leaves the house as it is. */
  readonly apply: (project: Project, payload: z.infer<S>) => Project;
};

export const defineEvent = <T extends string, S extends z.ZodType>(
  definition: EventDefinition<T, S>,
): EventDefinition<T, S> => definition;
