import { produce } from 'immer';
import { z } from 'zod';
import type { Project } from '../../house';
import * as choiceEvents from './choices';
import * as dayEvents from './days';
import { versionOf, type EventDefinition } from './define';
import * as houseEvents from './house';
import * as jobEvents from './jobs';
import * as measureEvents from './measures';
import * as moneyEvents from './money';
import * as moveEvents from './moves';
import * as phaseEvents from './phases';
import * as placeEvents from './places';
import * as punchEvents from './punch';
import * as recordEvents from './records';
import * as surveyEvents from './survey';
import * as toldEvents from './told';

const { startProject, ...house } = houseEvents;
const DEFINITIONS = {
  ...house,
  ...placeEvents,
  ...phaseEvents,
  ...punchEvents,
  ...dayEvents,
  ...jobEvents,
  ...recordEvents,
  ...surveyEvents,
  ...choiceEvents,
  ...measureEvents,
  ...moneyEvents,
  ...moveEvents,
  ...toldEvents,
};
type Definitions = typeof DEFINITIONS;

type EventBody =
  | {
      [K in keyof Definitions]: { type: K; payload: z.infer<Definitions[K]['payload']> };
    }[keyof Definitions]
  /** Takes an earlier event back. An `undone` can itself be undone, which is redo. */
  | { type: 'undone'; payload: { eventId: string } };

/** Counters stop well below the largest exact integer, so that there is always a next one. */
const LARGEST_COUNTER = 9_000_000_000_000_000;

/** Where an event comes from: enough to merge the journals of two phones by (counter, device, id). */
export const stampSchema = z.object({
  id: z.string().min(1).max(80),
  device: z.string().min(1).max(80),
  /** A Lamport counter: one more than the highest this device had seen. */
  counter: z.int().min(1).max(LARGEST_COUNTER),
  /** The device's wall clock, for the diary only; nothing is ordered by it. */
  at: z.iso.datetime({ local: true, offset: true }),
});
export type Stamp = z.infer<typeof stampSchema>;
export type JournalEvent = Stamp & EventBody;
export type EventBodyOf = EventBody;
export type EventType = EventBody['type'];

const undoneSchema = z.object({ eventId: z.string().min(1).max(80) });

const isKnown = (type: string): type is keyof Definitions => Object.hasOwn(DEFINITIONS, type);

/** How one kind of event is read; undefined for a type this version does not know. */
export function definitionOf(
  type: string,
): Pick<EventDefinition, 'payload' | 'upgrades'> | undefined {
  if (type === 'undone') return { payload: undoneSchema };
  return isKnown(type) ? DEFINITIONS[type] : undefined;
}

/** Every kind of event with the version it is written in. */
export const eventVersions = (): Record<string, number> =>
  Object.fromEntries([
    ...Object.values(DEFINITIONS).map((definition) => [definition.type, versionOf(definition)]),
    ['undone', 1],
  ]);

/** An event before it is stamped, as a message between threads carries it. */
export const eventBodySchema = z
  .object({ type: z.string(), payload: z.unknown() })
  .transform((body, context): EventBody => {
    const parsed = definitionOf(body.type)?.payload.safeParse(body.payload);
    if (parsed?.success) return { type: body.type, payload: parsed.data } as EventBody;
    context.addIssue({ code: 'custom', message: `not a ${body.type}` });
    return z.NEVER;
  });

// Type and payload were parsed together; the union cannot follow the pair through the table.
type Applied = Pick<EventDefinition<string, z.ZodType<never>>, 'apply' | 'refers'>;
const appliedBy = (type: Exclude<EventType, 'undone'>): Applied => DEFINITIONS[type] as Applied;

/** Whether what an event speaks of is in the house; keeping one that does not would keep nothing. */
export function refersToHouse(project: Project, event: EventBody): boolean {
  if (event.type === 'undone') return true;
  return appliedBy(event.type).refers?.(project, event.payload as never) ?? true;
}

/**
 * The house after some events, in their order. `null` is the house before `houseStarted`. Pure. What the events touch
 * is copied once for all of them, so that a journal takes time in proportion to its length. `onIdle` hears of those
 * that change nothing, because what they speak of is not there.
 */
export function applyEvents<E extends EventBody>(
  project: Project | null,
  events: readonly E[],
  onIdle: (event: E) => void = () => undefined,
): Project | null {
  const first = project ? -1 : events.findIndex(({ type }) => type === 'houseStarted');
  const started = project ?? startedBy(events[first]);
  return (
    started &&
    produce(started, (draft) => {
      for (const event of events.slice(first + 1)) {
        // The draft is of the same shape; its type only lacks the brands of ids.
        if (event.type === 'undone') continue;
        if (!refersToHouse(draft as Project, event)) {
          onIdle(event);
          continue;
        }
        appliedBy(event.type).apply(draft as Project, event.payload as never);
      }
    })
  );
}

const startedBy = (event: EventBody | undefined): Project | null =>
  event?.type === 'houseStarted' ? startProject(event.payload) : null;

/** The house after one event. */
export const applyEvent = (project: Project | null, event: EventBody): Project | null =>
  applyEvents(project, [event]);
