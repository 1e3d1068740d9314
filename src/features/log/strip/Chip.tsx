import { Pressable, Text } from 'react-native';

/** A small value to tap. */
export function Chip({
  label,
  hint,
  isOpen,
  onPress,
}: {
  label: string;
  hint?: string;
  isOpen?: boolean;
  onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={hint}
      aria-expanded={isOpen}
      onPress={onPress}
      className={`min-h-target max-w-full justify-center rounded-board border px-3 ${isOpen ? 'border-spruce bg-ground' : 'border-line bg-ground'}`}
    >
      <Text numberOfLines={1} className="font-sans text-small text-ink underline decoration-dotted">
        {label}
      </Text>
    </Pressable>
  );
}
