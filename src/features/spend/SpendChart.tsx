import type { Ledger } from '@/core/ledger';
import { formatDayMonth, formatMoney, type Currency } from '@/core/units';
import { LineChart, Section, Small } from '@/ui';

/** Paid so far, week by week, against the budget. The weeks stand as text behind the picture's label. */
export function SpendChart({ ledger, currency }: { ledger: Ledger; currency: Currency }) {
  const { byWeek, budget } = ledger;
  return (
    <Section title="Paid, week by week" sum={budget ? 'line across: the budget' : undefined}>
      <LineChart
        points={byWeek.map(({ monday, total }) => ({
          label: formatDayMonth(monday),
          value: total / 100,
        }))}
        line={budget ? budget.total / 100 : undefined}
        spoken={`Paid in all, week by week: ${byWeek
          .map(({ monday, total }) => `${formatDayMonth(monday)} ${formatMoney(total, currency)}`)
          .join(', ')}`}
      />
      <Small>Refunds and contingency are in it.</Small>
    </Section>
  );
}
