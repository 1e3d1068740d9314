import type { CostLine } from './cost-line';
import type { PlainDate } from '../../units';

/** A line before payments: `isHad` was there when the work began, and is not asked for again. */
export type OpenLine = Omit<CostLine, 'paid' | 'open'> & {
  isHad: boolean;
  /** Of an agreement of the log, its day. */
  agreedOn?: PlainDate;
};
