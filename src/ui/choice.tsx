import { Pressable, Text, View } from 'react-native';
import { Small } from './text';

type Option<T extends string> = { value: T; label: string; note?: string };

/** One of a few, shown all at once. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly Option<T>[];
  value: T | null;
  onChange: (value: T) => void;
}) {
  return (
    <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
      {options.map((option) => {
        const on = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={on}
            onPress={() => onChange(option.value)}
            className={`min-h-target justify-center rounded-board border px-4 py-2 ${on ? 'border-spruce bg-spruce' : 'border-soft bg-paper'}`}
          >
            <Text className={`font-strong text-body ${on ? 'text-on-spruce' : 'text-ink'}`}>
              {option.label}
            </Text>
            {option.note ? (
              <Small className={on ? 'text-on-spruce' : ''}>{option.note}</Small>
            ) : null}
          </Pressable>
        );
      })}
    </View>
  );
}
