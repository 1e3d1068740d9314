import type { z } from 'zod';
import type { Project } from '../../house';

/** Lifts a payload of one version to the next. Pure; never edited once released. */
type Upgrade = (payload: unknown) => unknown;

/** One kind of event: what it carries, what it does to the house, and how older ones are read. */
export type EventDefinition<T extends string = string, S extends z.ZodType = z.ZodType> = {
  readonly type: T;
  readonly payload: S;
  /**
   * Sets and deletes rows of the house's maps, which are copies. A row itself may be an earlier event's payload: it is
   * replaced by a changed copy, never changed.
   */
  readonly apply: (house: Project, payload: z.infer<S>) => void;
  /** False when what the event speaks of is not in the house (any more): it then changes nothing. */
  readonly refers?: (house: Project, payload: z.infer<S>) => boolean;
  /** Step n lifts version n to version n + 1; the version written now is one more than there are steps. */
  readonly upgrades?: readonly Upgrade[];
};

/** A kind of event: its version, schema, upgrades, and what it does to a house. */
export const defineEvent = <T extends string, S extends z.ZodType>(
  definition: EventDefinition<T, S>,
): EventDefinition<T, S> => definition;

type Versioned = Pick<EventDefinition, 'upgrades'>;

/** The version in which a kind of event is written today. */
export const versionOf = ({ upgrades = [] }: Versioned): number => upgrades.length + 1;

/** The payload as today's schema wants it. `version` is the one it was written in, at most today's. */
export const upgraded = (
  { upgrades = [] }: Versioned,
  version: number,
  payload: unknown,
): unknown => upgrades.slice(version - 1).reduce((lifted, step) => step(lifted), payload);
