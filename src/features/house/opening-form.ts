import { z } from 'zod';
import {
  openingChangeSchema,
  openingSizeSchema,
  type OpeningChange,
  type OpeningSize,
} from '@/core/house';
import { parseLength, type Ticks } from '@/core/units';

export const HAS_NOW = (change: OpeningChange['change']) => change !== 'new';
export const HAS_THEN = (change: OpeningChange['change']) => change !== 'closed';

type SizeTyped = { width: string; height: string; sill: string };

const WRITE = {
  width: `write the width as 3' or 36".`,
  height: `write the height as 6' 8" or 80".`,
  sill: 'write the sill as 36", or 0 to the floor.',
};

const lengthOf = (text: string, field: keyof SizeTyped): Ticks | null => {
  if (field === 'sill' && ['', '0'].includes(text.trim())) return 0 as Ticks;
  const read = parseLength(text);
  return read.ok ? read.value : null;
};

const FIELDS = ['width', 'height', 'sill'] as const;
const EMPTY: SizeTyped = { width: '', height: '', sill: '' };

type Told = (field: keyof SizeTyped, message: string) => void;

/** Nothing typed is "not known yet"; something typed must be a whole size, no larger than a wall. */
function readSize(typed: SizeTyped, tell: Told): OpeningSize | null {
  if (FIELDS.every((field) => typed[field].trim() === '')) return null;
  const read = Object.fromEntries(FIELDS.map((field) => [field, lengthOf(typed[field], field)]));
  const unread = FIELDS.filter((field) => read[field] === null);
  for (const field of unread) tell(field, WRITE[field]);
  if (unread.length > 0) return null;
  const size = openingSizeSchema.safeParse(read);
  if (size.success) return size.data;
  for (const { path } of size.error.issues) {
    const field = FIELDS.find((each) => each === path[0]) ?? 'width';
    tell(field, `no wall has such a ${field}. Check the units.`);
  }
  return null;
}

const sizeTyped = z.object({ width: z.string(), height: z.string(), sill: z.string() });

export const openingFormSchema = z
  .object({
    change: openingChangeSchema.shape.change,
    wall: openingChangeSchema.shape.wall,
    header: z.enum(['yes', 'no']),
    lines: z.enum(['yes', 'no']),
    now: sizeTyped,
    then: sizeTyped,
  })
  .transform(({ change, wall, header, lines, now, then }, context): OpeningChange => {
    const told = (when: 'now' | 'then', title: string): Told => {
      return (field, message) =>
        context.addIssue({ code: 'custom', path: [when, field], message: `${title}: ${message}` });
    };
    return {
      change,
      wall,
      header: header === 'yes',
      linesInTheWay: lines === 'yes',
      now: HAS_NOW(change) ? readSize(now, told('now', 'Now')) : null,
      then: HAS_THEN(change) ? readSize(then, told('then', 'Then')) : null,
    };
  });

/** What is likely before anything is said: no header known of, and lines in the way. */
export const emptyOpeningForm: z.input<typeof openingFormSchema> = {
  change: 'window-to-door',
  wall: 'frame',
  header: 'no',
  lines: 'yes',
  now: EMPTY,
  then: EMPTY,
};
