import { View } from 'react-native';
import { Small, Strong } from './text';

/** A value one drags along a line, or moves by steps with the arrow keys: the browser's own slider. */
export function Slider({
  label,
  value,
  least,
  most,
  step,
  said,
  onChange,
}: {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  /** The value in words. */
  said: string;
  onChange: (value: number) => void;
}) {
  return (
    <View className="gap-1">
      <View className="flex-row justify-between gap-3">
        <Strong>{label}</Strong>
        <Small>{said}</Small>
      </View>
      <input
        type="range"
        className="min-h-target w-full accent-spruce"
        aria-label={label}
        aria-valuetext={said}
        min={least}
        max={most}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </View>
  );
}
