import { Pressable, Text } from 'react-native';

/** One of several that may hold at once. */
export function Tick({
  label,
  on,
  onChange,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <Pressable
      role="checkbox"
      aria-checked={on}
      aria-label={label}
      onPress={() => onChange(!on)}
      className={`min-h-target min-w-target justify-center rounded-board border px-4 py-2 ${on ? 'border-spruce bg-spruce' : 'border-soft bg-paper'}`}
    >
      <Text className={`font-strong text-body ${on ? 'text-on-spruce' : 'text-ink'}`}>
        {on ? `✓ ${label}` : label}
      </Text>
    </Pressable>
  );
}
