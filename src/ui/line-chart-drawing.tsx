import { useState } from 'react';
import { View } from 'react-native';
import { LineChart as Drawing } from 'react-native-chart-kit';
import type { LineChartProps } from './line-chart-props';
import { usePalette } from './theme';

const HEIGHT = 190;
const MOST_LABELS = 5;

/** The drawing itself, in a chunk of its own with the chart package. */
export default function LineChartDrawing({ points, line, against, spoken }: LineChartProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const every = Math.ceil(points.length / MOST_LABELS);
  const values = points.map(({ value }) => value);
  const across =
    line === undefined
      ? []
      : [{ data: values.map(() => line), color: () => palette.brick, withDots: false }];
  const second =
    against === undefined
      ? []
      : [
          {
            data: [...against],
            color: () => palette['straw-deep'],
            withDots: false,
            strokeDashArray: [6, 4],
          },
        ];
  return (
    <View
      role="img"
      aria-label={spoken}
      style={{ height: HEIGHT }}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <View aria-hidden>
          <Drawing
            data={{
              labels: points.map(({ label }, at) => (at % every === 0 ? label : '')),
              datasets: [{ data: values, color: () => palette.spruce }, ...across, ...second],
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
  );
}
