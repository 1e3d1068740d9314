import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { applyEvent, payloadSchema, stampSchema, type JournalEvent } from './events';
import type { Project } from '../house';

export type EventFault =
  | { code: 'not-an-event'; path: string; reason: string }
  | { code: 'unknown-type'; path: string; type: string }
  | { code: 'bad-payload'; path: string; reason: string };

const envelopeSchema = stampSchema.extend({ type: z.string(), payload: z.unknown() });

function firstIssue(error: z.ZodError): { path: string; reason: string } {
  const issue = error.issues[0];
  return { path: issue?.path.join('.') ?? '', reason: issue?.message ?? 'unreadable' };
}

/** Parses one stored or imported event. The fault names the field, relative to the event. */
export function parseEvent(raw: unknown): Result<JournalEvent, EventFault> {
  const envelope = envelopeSchema.safeParse(raw);
  if (!envelope.success) return fail({ code: 'not-an-event', ...firstIssue(envelope.error) });
  const { type, payload, ...stamp } = envelope.data;
  const schema = payloadSchema(type);
  if (!schema) return fail({ code: 'unknown-type', path: 'type', type });
  const parsed = schema.safeParse(payload);
  if (!parsed.success) {
    const { path, reason } = firstIssue(parsed.error);
    return fail({ code: 'bad-payload', path: `payload.${path}`, reason });
  }
  return ok({ ...stamp, type, payload: parsed.data } as JournalEvent);
}

/** The one order of a journal, the same on every device: counter, then device, then id. */
export const compareEvents = (a: JournalEvent, b: JournalEvent): number =>
  a.counter - b.counter || a.device.localeCompare(b.device) || a.id.localeCompare(b.id);

/** Events that still count, in order. An undo cancels its target unless it was undone itself. */
export function effectiveEvents(events: readonly JournalEvent[]): JournalEvent[] {
  const sorted = [...events].sort(compareEvents);
  const cancelled = new Set<string>();
  for (const event of sorted.toReversed()) {
    if (event.type === 'undone' && !cancelled.has(event.id)) cancelled.add(event.payload.eventId);
  }
  return sorted.filter((event) => !cancelled.has(event.id));
}

/** The house a journal tells of; null while it holds no `houseStarted`. */
export function reduceJournal(events: readonly JournalEvent[]): Project | null {
  return effectiveEvents(events).reduce<Project | null>(applyEvent, null);
}
