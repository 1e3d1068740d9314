import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, Text } from 'react-native';

type Look = 'main' | 'plain' | 'danger' | 'quiet';

const SHELL: Record<Look, string> = {
  main: 'bg-spruce border-spruce',
  plain: 'bg-paper border-soft',
  danger: 'bg-paper border-brick',
  quiet: 'border-transparent',
};
const WORDS: Record<Look, string> = {
  main: 'text-on-spruce',
  plain: 'text-ink',
  danger: 'text-brick',
  quiet: 'text-porch-deep underline',
};

type Common = { label: string; look?: Look; className?: string; hint?: string };

const shell = (look: Look, className: string, off = false) =>
  `min-h-target min-w-target flex-row items-center justify-center rounded-board border py-2 ${look === 'quiet' ? '' : 'px-4'} ${SHELL[look]} ${off ? 'opacity-60' : ''} ${className}`;

/** A 48 px button. `hint` completes a label that is short on sight ("Undo" / "Undo: kept the evening"). */
export function Button({
  label,
  onPress,
  look = 'plain',
  className = '',
  disabled = false,
  hint,
}: Common & { onPress: () => void; disabled?: boolean }) {
  return (
    <Pressable
      role="button"
      aria-label={hint}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={shell(look, className, disabled)}
    >
      <Text className={`text-center font-strong text-body ${WORDS[look]}`}>{label}</Text>
    </Pressable>
  );
}

/** A link that looks like a button. */
export function ButtonLink({
  label,
  href,
  look = 'plain',
  className = '',
  hint,
}: Common & { href: Href }) {
  return (
    <Link href={href} asChild>
      <Pressable role="link" aria-label={hint} className={shell(look, className)}>
        <Text className={`text-center font-strong text-body ${WORDS[look]}`}>{label}</Text>
      </Pressable>
    </Link>
  );
}

/** Any block that leads somewhere. */
export function BlockLink({
  href,
  children,
  label,
  className = '',
}: {
  href: Href;
  children: ReactNode;
  label?: string;
  className?: string;
}) {
  return (
    <Link href={href} asChild>
      <Pressable
        role="link"
        aria-label={label}
        className={`min-h-target justify-center ${className}`}
      >
        {children}
      </Pressable>
    </Link>
  );
}
