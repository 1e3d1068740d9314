import { View } from 'react-native';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { usePalette } from './theme';

const WIDTH = 84;
const HEIGHT = 146;

/** A door for a gate: `open` from 0 (shut) to 1 (wide open, light behind); barred while something must pass first. */
export function Door({ open, barred, spoken }: { open: number; barred: boolean; spoken: string }) {
  const palette = usePalette();
  const swing = Math.max(0.16, 1 - open * 0.84);
  const leaf = 68 * swing;
  const drop = (1 - swing) * 10;
  const panel = (top: number, height: number) => (
    <Rect
      x={8 + leaf * 0.18}
      y={top}
      width={leaf * 0.64}
      height={height}
      fill="none"
      stroke={palette['strip-line']}
      strokeWidth={1.4}
    />
  );
  return (
    <View role="img" aria-label={spoken}>
      <Svg width={WIDTH} height={HEIGHT} aria-hidden>
        <Rect x={4} y={2} width={76} height={142} fill={palette.ink} />
        <Rect x={8} y={6} width={68} height={138} fill={palette.light} />
        <Path
          d={`M8 6 L${8 + leaf} ${6 + drop} V${144 - drop} L8 144 Z`}
          fill={palette.strip}
          stroke={palette['strip-line']}
          strokeWidth={1}
        />
        {panel(22, 44)}
        {panel(80, 46)}
        <Circle cx={8 + leaf * 0.88} cy={76} r={3.4} fill={palette.straw} />
        {barred ? (
          <G>
            <Rect x={0} y={52} width={84} height={8} fill={palette.brick} />
            <Rect x={0} y={94} width={84} height={8} fill={palette.brick} />
          </G>
        ) : null}
      </Svg>
    </View>
  );
}
