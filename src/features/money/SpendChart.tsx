import { memo } from 'react';
import type { Ledger } from '@/core/money';
import { formatDayMonth, formatPaid, minorUnits, type Currency } from '@/core/units';
import { LineChart, Section, Small } from '@/ui';

type Shown = { byWeek: Ledger['byWeek']; budget: Ledger['budget']; currency: Currency };

const isSame = (a: Shown, b: Shown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Paid so far, week by week, against the budget. The weeks stand as text behind the picture's label. Drawn anew only
 * when what was paid changes, not with every plan.
 */
export const SpendChart = memo(function SpendChart({ byWeek, budget, currency }: Shown) {
  return (
    <Section title="Paid, week by week" sum={budget ? 'line across: the budget' : undefined}>
      <LineChart
        points={byWeek.map(({ monday, total }) => ({
          label: formatDayMonth(monday),
          value: total / minorUnits(currency),
        }))}
        line={budget ? budget.total / minorUnits(currency) : undefined}
        spoken={`Paid in all, week by week: ${byWeek
          .map(({ monday, total }) => `${formatDayMonth(monday)} ${formatPaid(total, currency)}`)
          .join(', ')}`}
      />
      <Small>Refunds and contingency are in it.</Small>
    </Section>
  );
}, isSame);
