import { z } from 'zod';
import { fail, ok, type Result } from '../result';
import { definitionOf, stampSchema, type JournalEvent } from './events';
import { upgraded, versionOf } from './events/define';

/** `newer`: written by a later Fresh Porch, as an unknown kind or in a version not known here. */
export type EventFault =
  | { code: 'not-an-event'; path: string; reason: string }
  | { code: 'newer'; path: string; reason: string }
  | { code: 'bad-payload'; path: string; reason: string };

const envelopeSchema = stampSchema.extend({
  type: z.string(),
  /** The version of the payload; left out while it is the first. */
  v: z.int().min(1).default(1),
  payload: z.unknown(),
});

function firstIssue(error: z.ZodError): { path: string; reason: string } {
  const issue = error.issues[0];
  return { path: issue?.path.join('.') ?? '', reason: issue?.message ?? 'unreadable' };
}

/** Parses one stored or imported event, lifted to today's version. The fault names the field, relative to the event. */
export function parseEvent(raw: unknown): Result<JournalEvent, EventFault> {
  const envelope = envelopeSchema.safeParse(raw);
  if (!envelope.success) return fail({ code: 'not-an-event', ...firstIssue(envelope.error) });
  const { type, v, payload, ...stamp } = envelope.data;
  const definition = definitionOf(type);
  if (!definition) return fail({ code: 'newer', path: 'type', reason: `unknown type ${type}` });
  if (v > versionOf(definition)) {
    return fail({
      code: 'newer',
      path: 'v',
      reason: `version ${v} of ${type} is newer than this program`,
    });
  }
  const parsed = definition.payload.safeParse(upgraded(definition, v, payload));
  if (!parsed.success) {
    const { path, reason } = firstIssue(parsed.error);
    return fail({ code: 'bad-payload', path: `payload.${path}`, reason });
  }
  return ok({ ...stamp, type, payload: parsed.data } as JournalEvent);
}

/** An event as it is written: always the same order of fields, with its version from the second on. */
export function eventRow({ id, device, counter, at, type, payload }: JournalEvent): object {
  const version = versionOf(definitionOf(type) ?? {});
  return { id, device, counter, at, type, ...(version > 1 ? { v: version } : {}), payload };
}
