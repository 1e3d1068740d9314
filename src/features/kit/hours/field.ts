import { z } from 'zod';
import { minutes, parseDuration, type Minutes } from '@/core/units';

const LONGEST_DAY = 16 * 60;

/** `3h`, `2h30`, `90 min`, `3`, `0`, or nothing for a day off. */
export const hoursField = z.string().transform((text, context): Minutes => {
  const clean = text.trim();
  if (clean === '' || clean === '0') return minutes(0);
  const parsed = parseDuration(/^\d+([.,]\d+)?$/.test(clean) ? `${clean}h` : clean);
  if (!parsed.ok) {
    context.addIssue({ code: 'custom', message: `“${text}” is not hours. Write 3h, 2h30 or 0.` });
    return z.NEVER;
  }
  if (parsed.value > LONGEST_DAY) {
    context.addIssue({ code: 'custom', message: 'That is over 16 hours a day.' });
    return z.NEVER;
  }
  return parsed.value;
});
