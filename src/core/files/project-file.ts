import { z } from 'zod';
import { type Project } from '../house';
import { effectiveEvents, parseEvent, reduceJournal, type JournalEvent } from '../journal';
import { fail, ok, type Result } from '../result';
import { momentSchema, type Moment } from '../units';

const FORMAT = 'fresh-porch/project';
export const FILE_VERSION = 1;

/** A whole project as one JSON file: the journal, from which everything else follows. */
export type ProjectFile = {
  projectId: string;
  /** Set in files made to be shown: the moment the file stands at, instead of the real clock. */
  clock: Moment | null;
  events: JournalEvent[];
  /** Pictures by id, as data addresses. */
  photos: Readonly<Record<string, string>>;
};

export type FileError =
  | { code: 'not-json' }
  | { code: 'truncated' }
  | { code: 'not-ours' }
  | { code: 'newer-version'; version: number }
  | { code: 'broken'; path: string; reason: string }
  | { code: 'no-house' };

/** A picture as the app makes it: small enough for a browser's database. */
const pictureSchema = z
  .string()
  .regex(/^data:image\/(?:jpeg|png|webp);base64,/)
  .max(4_000_000);

const frameSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int().min(1),
  projectId: z.string().min(1).max(80),
  clock: momentSchema.nullable(),
  events: z.array(z.unknown()),
  photos: z.record(z.string().max(80), pictureSchema).default({}),
});

/** One event a line, so that two files can be compared by eye. Equal projects give equal text. */
export function writeProjectFile({
  projectId,
  clock,
  events,
  photos = {},
}: Omit<ProjectFile, 'photos'> & Partial<Pick<ProjectFile, 'photos'>>): string {
  const head = JSON.stringify({ format: FORMAT, version: FILE_VERSION, projectId, clock });
  const lines = events
    .map(({ id, device, counter, at, type, payload }) => ({
      id,
      device,
      counter,
      at,
      type,
      payload,
    }))
    .map((event) => `  ${JSON.stringify(event)}`)
    .join(',\n');
  const pictures = Object.entries(photos)
    .toSorted(([a], [b]) => a.localeCompare(b))
    .map(([id, picture]) => `  ${JSON.stringify(id)}:${JSON.stringify(picture)}`)
    .join(',\n');
  const tail = pictures === '' ? '' : `,"photos":{\n${pictures}\n}`;
  return `${head.slice(0, -1)},"events":[\n${lines}\n]${tail}}\n`;
}

function parseJson(text: string): Result<unknown, FileError> {
  try {
    return ok(JSON.parse(text));
  } catch {
    const startsLikeOurs = text.trimStart().slice(0, 80).includes(FORMAT);
    return fail({ code: startsLikeOurs ? 'truncated' : 'not-json' });
  }
}

type Fault = { path: string; reason: string };

function readEvents(raw: readonly unknown[]): { events: JournalEvent[]; faults: Fault[] } {
  const events: JournalEvent[] = [];
  const faults: Fault[] = [];
  raw.forEach((item, index) => {
    const event = parseEvent(item);
    if (event.ok) events.push(event.value);
    else {
      const reason =
        'reason' in event.error ? event.error.reason : `unknown type ${event.error.type}`;
      faults.push({ path: `events.${index}.${event.error.path}`, reason });
    }
  });
  return { events, faults };
}

function readFrame(text: string): Result<z.infer<typeof frameSchema>, FileError> {
  const json = parseJson(text);
  if (!json.ok) return json;
  const format = z
    .looseObject({ format: z.literal(FORMAT), version: z.number() })
    .safeParse(json.value);
  if (!format.success) return fail({ code: 'not-ours' });
  if (format.data.version > FILE_VERSION) {
    return fail({ code: 'newer-version', version: format.data.version });
  }
  const frame = frameSchema.safeParse(json.value);
  if (frame.success) return ok(frame.data);
  const issue = frame.error.issues[0];
  return fail({ code: 'broken', path: issue?.path.join('.') ?? '', reason: issue?.message ?? '' });
}

/** Reads a project file whole or not at all. */
export function readProjectFile(
  text: string,
): Result<ProjectFile & { project: Project }, FileError> {
  const frame = readFrame(text);
  if (!frame.ok) return frame;
  const { events, faults } = readEvents(frame.value.events);
  if (faults[0]) return fail({ code: 'broken', ...faults[0] });
  const project = reduceJournal(events);
  if (!project) return fail({ code: 'no-house' });
  const { projectId, clock, photos } = frame.value;
  return ok({ projectId, clock, events, photos, project });
}

/** Every fault of a project file with its path: what does not parse, and what refers to nothing. */
export function checkProjectFile(text: string): Result<Fault[], FileError> {
  const frame = readFrame(text);
  if (!frame.ok) return frame;
  const { events, faults } = readEvents(frame.value.events);
  return ok([...faults, ...danglingFaults(events)]);
}

function danglingFaults(events: readonly JournalEvent[]): Fault[] {
  const indexOf = new Map(events.map((event, index) => [event.id, index] as const).toReversed());
  const repeated = events.flatMap((event, index) =>
    indexOf.get(event.id) === index ? [] : [{ path: `events.${index}.id`, reason: 'told twice' }],
  );
  const counted = effectiveEvents(events);
  const places = new Set(
    counted.flatMap((event) => (event.type === 'placeAdded' ? [event.payload.id as string] : [])),
  );
  const dangling = counted.flatMap((event): Fault[] => {
    const index = indexOf.get(event.id) ?? 0;
    if (event.type === 'workChosen' && !places.has(event.payload.placeId)) {
      return [{ path: `events.${index}.payload.placeId`, reason: 'no such place' }];
    }
    if (event.type !== 'dayLogged') return [];
    return event.payload.entries.flatMap((entry, at): Fault[] => {
      const placeId = 'placeId' in entry ? entry.placeId : null;
      return placeId === null || places.has(placeId)
        ? []
        : [{ path: `events.${index}.payload.entries.${at}.placeId`, reason: 'no such place' }];
    });
  });
  const undone = events.flatMap((event, index) =>
    event.type === 'undone' && !indexOf.has(event.payload.eventId)
      ? [{ path: `events.${index}.payload.eventId`, reason: 'takes back what is not there' }]
      : [],
  );
  return [...repeated, ...dangling, ...undone];
}
