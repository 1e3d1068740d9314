import type { Entry } from '../../house';
import { wholeOf, type LogJob } from './context';
import type { Phrase } from './line';
import { inFeet } from './words/units';

/** What is said of how far a job is: a share, a count, both, or only that it was begun. */
export type Far = {
  share: number | null;
  begun: boolean;
  isAdded: boolean;
  quantity: { thousandths: number; unit: string } | null;
};

/** A whole percent from 1 to 100. */
export const clamp = (percent: number): number => Math.min(100, Math.max(1, Math.floor(percent)));

/** How far, as far as the words say; a count becomes a share where its unit fits the job's. */
export function farIn(stretch: Phrase, job: LogJob | null): Far | null {
  const [percent] = stretch.all('percent');
  if (percent) return far(clamp(percent.percent));
  const [ratio] = stretch.all('ratio');
  if (ratio) return far(clamp((100 * ratio.part) / ratio.whole));
  const [fraction] = stretch.all('fraction');
  if (fraction) return far(Math.round(fraction.share * 100));
  const [amount] = stretch.all('amount');
  const [number] = stretch.all('number');
  if (amount && stretch.has('to-go') && number) {
    return far(clamp((100 * amount.value) / (amount.value + number.value)));
  }
  if (amount) {
    const quantity = { thousandths: Math.round(amount.value * 1000), unit: amount.unit };
    const whole = job ? wholeOf(job) : null;
    const unit = inFeet(amount.unit);
    const isCounted = whole?.of === 'count' && !unit;
    const value = isCounted
      ? amount.value
      : unit && whole && unit.of === whole.of
        ? amount.value * unit.feet
        : null;
    const share =
      value !== null && whole && whole.amount > 0 ? clamp((100 * value) / whole.amount) : null;
    if (stretch.has('done') && share === null) return { ...far(null), quantity };
    return { share, begun: false, isAdded: true, quantity };
  }
  if (stretch.has('not-done')) return null;
  if (stretch.has('done'))
    return stretch.has('nearly') ? { ...far(null), isAdded: false } : far(100);
  if (stretch.has('begun')) return { ...far(null), begun: true };
  return null;
}

/** A share alone, without a count. */
export const far = (share: number | null): Far => ({
  share,
  begun: false,
  isAdded: false,
  quantity: null,
});

/** The entry that says how far a job is. */
export function progressOf(
  job: LogJob,
  { share, begun, quantity }: Far,
  now: number | null = share,
): Entry {
  return {
    kind: 'progress',
    jobId: job.id,
    ...(now !== null && !begun ? { share: now } : {}),
    ...(quantity ? { quantity } : {}),
  };
}
