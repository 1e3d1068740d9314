import { z } from 'zod';
import type { FileError } from './file-error';
import type { Project } from '../house';
import { eventRow, reduceJournal, type JournalEvent } from '../journal';
import { fail, ok, type Result } from '../result';
import { momentSchema, type Moment } from '../units';
import { valueOfJson } from './json';
import { sortOut, textOf, type SetAside } from './sort-out';

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
  /** What could not be read, as the text it was: carried along until somebody puts it right or dismisses it. */
  unread: string[];
};

/** A picture as the app makes it: small enough for a browser's database. */
const pictureSchema = z
  .string()
  .regex(/^data:image\/(?:jpeg|png|webp);base64,/)
  .max(4_000_000);

const frameSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int().min(1),
  projectId: z.string().min(1).max(80),
  clock: z.unknown(),
  events: z.array(z.unknown()),
  photos: z.record(z.string(), z.unknown()).default({}),
  unread: z.array(z.unknown()).default([]),
});

type Written = Pick<ProjectFile, 'projectId' | 'clock' | 'events'> &
  Partial<Pick<ProjectFile, 'unread'>>;

/** Rows of text that are written, and freed, at a time. */
const ROWS_AT_A_TIME = 200;

/** A stretch of the file's text, or the place where a picture's text belongs. */
export type FilePart = string | { picture: string };

/**
 * A file in parts, for a house too large to be written in one go: one event a line, so that two files can be compared
 * by eye. Equal projects give equal text. Whoever puts the parts together fills in the pictures, as JSON texts.
 */
export function* projectFileParts(file: Written, pictures: readonly string[]): Generator<FilePart> {
  const { projectId, clock, events, unread = [] } = file;
  const head = JSON.stringify({ format: FORMAT, version: FILE_VERSION, projectId, clock });
  yield `${head.slice(0, -1)},"events":[`;
  for (let at = 0; at < Math.max(1, events.length); at += ROWS_AT_A_TIME) {
    const some = events
      .slice(at, at + ROWS_AT_A_TIME)
      .map((event) => `  ${JSON.stringify(eventRow(event))}`);
    yield `${at === 0 ? '\n' : ',\n'}${some.join(',\n')}`;
  }
  yield '\n]';
  for (const [at, picture] of pictures.toSorted(byCodeUnits).entries()) {
    yield `${at === 0 ? ',"photos":{' : ','}\n  ${JSON.stringify(picture)}:`;
    yield { picture };
  }
  if (pictures.length > 0) yield '\n}';
  if (unread.length > 0) {
    yield `,"unread":[\n${unread.map((text) => `  ${JSON.stringify(text)}`).join(',\n')}\n]`;
  }
  yield '}\n';
}

const byCodeUnits = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** A whole file as one text. */
export function writeProjectFile(file: Written & Partial<Pick<ProjectFile, 'photos'>>): string {
  const { photos = {} } = file;
  return [...projectFileParts(file, Object.keys(photos))]
    .map((part) => (typeof part === 'string' ? part : JSON.stringify(photos[part.picture])))
    .join('');
}

function parseJson(text: string): Result<unknown, FileError> {
  try {
    return ok(valueOfJson(text));
  } catch {
    const startsLikeOurs = text.trimStart().slice(0, 80).includes(FORMAT);
    return fail({ code: startsLikeOurs ? 'truncated' : 'not-json' });
  }
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

/** What a file holds, and what of it had to be set aside. `unread` already carries the latter. */
export type ReadProject = ProjectFile & { project: Project; setAside: SetAside[] };

/**
 * The one gate for a project file: what opens is what `check` passes. A row that does not read, or makes no sense, is
 * set aside as text with its path and reason; only a file without a house, or one that is no file of ours, is refused.
 * `beside` are pictures that came with the text.
 */
export function readProjectFile(
  text: string,
  beside: Readonly<Record<string, unknown>> = {},
): Result<ReadProject, FileError> {
  const frame = readFrame(text);
  if (!frame.ok) return frame;
  const { projectId } = frame.value;
  const { events, unread, setAside } = sortOut(frame.value.events, frame.value.unread);
  const project = reduceJournal(events);
  if (!project) {
    const start = setAside.find(({ raw }) => isStart(raw));
    return fail(
      start ? { code: 'broken', path: start.path, reason: start.reason } : { code: 'no-house' },
    );
  }
  const clock = momentSchema.nullable().safeParse(frame.value.clock ?? null);
  if (!clock.success)
    setAside.push({ path: 'clock', reason: 'no moment of 1900 to 2299', raw: null });
  const photos: Record<string, string> = {};
  for (const [id, raw] of Object.entries({ ...frame.value.photos, ...beside })) {
    const picture = pictureSchema.safeParse(raw);
    if (picture.success && id.length <= 80) photos[id] = picture.data;
    else
      setAside.push({
        path: `photos.${id.slice(0, 80)}`,
        reason: 'no picture',
        raw: { [id]: raw },
      });
  }
  return ok({
    projectId,
    clock: clock.data ?? null,
    events,
    photos,
    unread: [...unread, ...setAside.flatMap(({ raw }) => (raw === null ? [] : textOf(raw)))],
    project,
    setAside,
  });
}

const isStart = (raw: unknown): boolean =>
  typeof raw === 'object' && raw !== null && 'type' in raw && raw.type === 'houseStarted';
