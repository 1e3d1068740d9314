import { Suspense, lazy } from 'react';
import { View } from 'react-native';
import type { LineChartProps } from './line-chart-props';

const Drawing = lazy(() => import('./line-chart-drawing'));

/** A line over days or weeks. The chart package loads with the first one that is shown. */
export function LineChart(props: LineChartProps) {
  return (
    <Suspense fallback={<View style={{ height: 190 }} />}>
      <Drawing {...props} />
    </Suspense>
  );
}
