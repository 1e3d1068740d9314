import type { Entry } from '../../house';
import { addCents, type PlainDate } from '../../units';
import type { LogContext } from './context';
import type { QuestionCode } from './reading';
import type { Statement } from './segment';

/** Nobody works longer on one day. */
const LONG_DAY = 16 * 60;
/** A sum over this part of the budget is asked about. */
const LARGE_PART = 10;

/** Why entries are asked about before they are kept, though the words are clear. */
export function doubtOf(
  entries: readonly Entry[],
  date: PlainDate,
  statement: Statement,
  worked: ReadonlyMap<string, number>,
  context: LogContext,
): QuestionCode | null {
  if (date < context.firstDay) return 'before-start';
  if (date > context.today) return 'future';
  const isOdd = statement.facts.stretch.tokens.some(
    ({ text }) => context.numberStyle === 'point' && /^\d{1,3}(?:\.\d{3})+$/.test(text),
  );
  if (isOdd && entries.some(({ kind }) => kind === 'money' || kind === 'quote'))
    return 'odd-figure';
  const foreign = statement.facts.money.some(
    ({ currency }) => currency !== null && isForeign(currency, context),
  );
  if (foreign) return 'currency';
  for (const entry of entries) {
    if (entry.kind === 'hours') {
      const all = (worked.get(`${entry.personId} ${date}`) ?? 0) + entry.minutes;
      if (all > LONG_DAY) return 'long-day';
    }
    if (entry.kind === 'money' && context.budget !== null && context.budget > 0) {
      const total = addCents(entry.shares.map((share) => share.cents));
      if (Math.abs(total) * LARGE_PART > context.budget && !entry.committed) return 'large-sum';
    }
    if (entry.kind === 'progress' && entry.share !== undefined) {
      const job = context.jobs.find(({ id }) => id === entry.jobId);
      // A line of long ago is measured by what was known then, and that is not kept.
      const before = job?.toldOn && job.toldOn > date ? null : (job?.share ?? null);
      if (before !== null && entry.share < before) return 'goes-back';
    }
  }
  return null;
}

/** The dollar sign stands for the dollars of three countries. */
const isForeign = (currency: string, { currency: own }: LogContext): boolean =>
  currency !== own && !(currency === 'USD' && /^(?:USD|CAD|AUD)$/.test(own));
