import type { Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Board, STATE_WORDS, type BoardState } from './board';
import { BlockLink } from './button';
import { Heading, Note, Small, Strong } from './text';

type SlipProps = {
  state?: BoardState;
  share?: number;
  title: string;
  note?: string;
  /** The figure at the right, and what it is made of. */
  figure?: string;
  figureNote?: string;
  href?: Href;
  children?: ReactNode;
};

const SHELL = 'min-h-slip rounded-board border border-line bg-paper px-3 py-2';

/** A row of paper: its board, what and where, and a figure with its doubt or working. */
export function Slip({ state, share, title, note, figure, figureNote, href, children }: SlipProps) {
  const body = (
    <View className="flex-row items-center gap-3">
      {state ? <Board state={state} share={share} /> : null}
      <View className="min-w-0 flex-1">
        <Strong>{title}</Strong>
        {note ? <Note>{note}</Note> : null}
      </View>
      {figure || figureNote ? (
        <View className="max-w-[45%] items-end">
          {figure ? <Strong className="text-right">{figure}</Strong> : null}
          {figureNote ? <Small className="text-right">{figureNote}</Small> : null}
        </View>
      ) : null}
    </View>
  );
  const spoken = [state ? STATE_WORDS[state] : '', title, note, figure, figureNote]
    .filter(Boolean)
    .join(', ');
  if (!href) {
    return (
      <View className={SHELL}>
        {body}
        {children}
      </View>
    );
  }
  return (
    <View className={SHELL}>
      <BlockLink href={href} label={spoken}>
        {body}
      </BlockLink>
      {children}
    </View>
  );
}

/** A headed list; the right end says what the list adds up to. */
export function Section({
  title,
  sum,
  children,
}: {
  title: string;
  sum?: string;
  children: ReactNode;
}) {
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Heading>{title}</Heading>
        {sum ? <Note>{sum}</Note> : null}
      </View>
      {children}
    </View>
  );
}

/** What will be here, and the first step. */
export function Empty({
  title,
  note,
  children,
}: {
  title: string;
  note: string;
  children?: ReactNode;
}) {
  return (
    <View className="gap-2 rounded-board border border-dashed border-soft p-4">
      <Strong>{title}</Strong>
      <Note>{note}</Note>
      {children}
    </View>
  );
}

/** A caution on the job it belongs to. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <View className="border-l-4 border-straw bg-straw-pale px-3 py-2" role="note">
      {children}
    </View>
  );
}
