import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { PageTitle, Small } from './text';

/** The heading of a page, the small line over it, and what stands at that line's right. */
export function ScreenHead({
  title,
  above,
  aboveRight,
}: {
  title: string;
  above?: string;
  aboveRight?: ReactNode;
}) {
  return (
    <View className="gap-1">
      {above !== undefined || aboveRight ? (
        <View className="flex-row items-baseline justify-between gap-3">
          <Small className="flex-1">{above ?? ''}</Small>
          {aboveRight}
        </View>
      ) : null}
      <PageTitle>{title}</PageTitle>
    </View>
  );
}

/** A scrolling page with its heading. `above` is the small line over it, `beside` opens at the right when wide. */
export function Screen({
  title,
  above,
  aboveRight,
  beside,
  children,
}: {
  title: string;
  above?: string;
  aboveRight?: ReactNode;
  beside?: ReactNode;
  children: ReactNode;
}) {
  return (
    <View className="flex-1 wide:flex-row">
      {/* Focusable, so that the arrow keys scroll a page with nothing to press on it. */}
      <ScrollView
        tabIndex={0}
        className="flex-1"
        contentContainerClassName="p-4 pb-8 gap-5 wide:px-6"
      >
        <ScreenHead title={title} above={above} aboveRight={aboveRight} />
        {children}
      </ScrollView>
      {beside ? (
        <ScrollView
          tabIndex={0}
          className="hidden border-l border-line bg-paper wide:flex wide:max-w-[340px] wide:flex-1"
          contentContainerClassName="p-5 gap-4"
        >
          {beside}
        </ScrollView>
      ) : null}
    </View>
  );
}

/** Two lists one under the other on a phone, side by side when wide. */
export function Columns({ children }: { children: readonly [ReactNode, ReactNode] }) {
  const [left, right] = children;
  return (
    <View className="gap-5 wide:flex-row wide:gap-6">
      <View className="gap-5 wide:min-w-0 wide:flex-[3]">{left}</View>
      <View className="gap-5 wide:min-w-0 wide:flex-[2]">{right}</View>
    </View>
  );
}
