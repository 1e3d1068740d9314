import { z } from 'zod';
import { parseLength, type Ticks } from '@/core/units';

/** How far something is from a corner or the floor; nought is at it. Null where nothing was typed and nothing has to be. */
export const spotField = (isNeeded: boolean) =>
  z.string().transform((text, context): Ticks | null => {
    if (text.trim() === '' && !isNeeded) return null;
    const read = parseLength(text);
    if (read.ok) return read.value;
    context.addIssue({
      code: 'custom',
      message:
        text.trim() === ''
          ? 'Say how far, such as 22" or 560 mm, or tap the drawing.'
          : `“${text}” is not a length. Write 22", 1' 10" or 560 mm.`,
    });
    return z.NEVER;
  });
