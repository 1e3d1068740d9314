import { useState } from 'react';
import { View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import type { Ledger } from '@/core/ledger';
import { formatDayMonth, formatMoney, type Currency } from '@/core/units';
import { Section, Small, usePalette } from '@/ui';

const HEIGHT = 190;
const MOST_LABELS = 5;

/** Paid so far, week by week, against the budget. The weeks stand as text behind the picture's label. */
export function SpendChart({ ledger, currency }: { ledger: Ledger; currency: Currency }) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const { byWeek, budget } = ledger;
  const every = Math.ceil(byWeek.length / MOST_LABELS);
  const totals = byWeek.map(({ total }) => total / 100);
  const budgetLine = budget
    ? [{ data: totals.map(() => budget.total / 100), color: () => palette.brick, withDots: false }]
    : [];
  const spoken = `Paid in all, week by week: ${byWeek
    .map(({ monday, total }) => `${formatDayMonth(monday)} ${formatMoney(total, currency)}`)
    .join(', ')}`;
  return (
    <Section title="Paid, week by week" sum={budget ? 'line across: the budget' : undefined}>
      <View
        role="img"
        aria-label={spoken}
        style={{ height: HEIGHT }}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <View aria-hidden>
            <LineChart
              data={{
                labels: byWeek.map(({ monday }, at) =>
                  at % every === 0 ? formatDayMonth(monday) : '',
                ),
                datasets: [{ data: totals, color: () => palette.spruce }, ...budgetLine],
              }}
              width={width}
              height={HEIGHT}
              fromZero
              withShadow={false}
              withVerticalLines={false}
              yAxisInterval={1}
              formatYLabel={(value) => Math.round(Number(value)).toLocaleString('en-US')}
              chartConfig={{
                backgroundGradientFrom: palette.ground,
                backgroundGradientTo: palette.ground,
                color: () => palette.line,
                labelColor: () => palette.ink,
                decimalPlaces: 0,
                propsForLabels: { fontFamily: 'AtkinsonHyperlegibleNext_400Regular', fontSize: 12 },
                propsForDots: { r: '3' },
              }}
            />
          </View>
        ) : null}
      </View>
      <Small>Refunds and contingency are in it.</Small>
    </Section>
  );
}
