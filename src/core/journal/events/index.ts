import { z } from 'zod';
import type { Project } from '../../house/project';
import * as choiceEvents from './choices';
import * as dayEvents from './days';
import * as houseEvents from './house';
import * as measureEvents from './measures';
import * as moveEvents from './moves';
import * as placeEvents from './places';
import * as recordEvents from './records';
import * as surveyEvents from './survey';

const { startProject, ...house } = houseEvents;
const DEFINITIONS = {
  ...house,
  ...placeEvents,
  ...dayEvents,
  ...recordEvents,
  ...surveyEvents,
  ...choiceEvents,
  ...measureEvents,
  ...moveEvents,
};
type Definitions = typeof DEFINITIONS;

type EventBody =
  | {
      [K in keyof Definitions]: { type: K; payload: z.infer<Definitions[K]['payload']> };
    }[keyof Definitions]
  /** Takes an earlier event back. An `undone` can itself be undone, which is redo. */
  | { type: 'undone'; payload: { eventId: string } };

/** Where an event comes from: enough to merge the journals of two phones by (counter, device, id). */
export const stampSchema = z.object({
  id: z.string().min(1).max(80),
  device: z.string().min(1).max(80),
  /** A Lamport counter: one more than the highest this device had seen. */
  counter: z.int().min(1),
  /** The device's wall clock, for the diary only; nothing is ordered by it. */
  at: z.iso.datetime({ local: true, offset: true }),
});
export type Stamp = z.infer<typeof stampSchema>;
export type JournalEvent = Stamp & EventBody;
export type EventBodyOf = EventBody;
export type EventType = EventBody['type'];

const undoneSchema = z.object({ eventId: z.string().min(1).max(80) });

/** An event before it is stamped, as a message between threads carries it. */
export const eventBodySchema = z
  .object({ type: z.string(), payload: z.unknown() })
  .transform((body, context): EventBody => {
    const parsed = payloadSchema(body.type)?.safeParse(body.payload);
    if (parsed?.success) return { type: body.type, payload: parsed.data } as EventBody;
    context.addIssue({ code: 'custom', message: `not a ${body.type}` });
    return z.NEVER;
  });

const isKnown = (type: string): type is keyof Definitions => Object.hasOwn(DEFINITIONS, type);

/** The schema of one event's payload; undefined for a type this version does not know. */
export function payloadSchema(type: string): z.ZodType | undefined {
  if (type === 'undone') return undoneSchema;
  return isKnown(type) ? DEFINITIONS[type].payload : undefined;
}

/** The house after one event. `null` is the house before `houseStarted`. Pure. */
export function applyEvent(project: Project | null, event: EventBody): Project | null {
  if (event.type === 'houseStarted') return startProject(event.payload);
  if (event.type === 'undone' || project === null) return project;
  // Type and payload were parsed together; the union cannot follow the pair through the table.
  const definition = DEFINITIONS[event.type] as {
    apply: (project: Project, payload: unknown) => Project;
  };
  return definition.apply(project, event.payload);
}
