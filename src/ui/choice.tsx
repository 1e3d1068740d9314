import { Pressable, Text, View } from 'react-native';

type Option<T extends string> = { value: T; label: string; note?: string };

/** One of a few, shown all at once. */
export function Choice<T extends string>({
  label,
  options,
  value,
  tight = false,
  onChange,
}: {
  label: string;
  options: readonly Option<T>[];
  value: T | null;
  /** Closer together, for four short words on a phone. */
  tight?: boolean;
  onChange: (value: T) => void;
}) {
  return (
    <View
      role="radiogroup"
      aria-label={label}
      className={`flex-row flex-wrap ${tight ? 'gap-1' : 'gap-2'}`}
    >
      {options.map((option) => {
        const on = option.value === value;
        return (
          <Pressable
            key={option.value}
            role="radio"
            aria-checked={on}
            onPress={() => onChange(option.value)}
            className={`min-h-target min-w-target max-w-full items-center justify-center rounded-board border py-2 ${tight ? 'px-3' : 'px-4'} ${on ? 'border-spruce bg-spruce' : 'border-soft bg-paper'}`}
          >
            <Text className={`font-strong text-body ${on ? 'text-on-spruce' : 'text-ink'}`}>
              {option.label}
            </Text>
            {option.note ? (
              <Text className={`font-text text-small ${on ? 'text-on-spruce' : 'text-soft'}`}>
                {option.note}
              </Text>
            ) : null}
          </Pressable>
        );
      })}
    </View>
  );
}
