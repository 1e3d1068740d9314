import { Link } from 'expo-router';
import type { ReactNode } from 'react';
import { Text } from 'react-native';
import { formatDate } from '@/core/units';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { Screen, useWide } from '@/ui';

/** What stands over the title of every page of the house: the day and its name, and the way to the further places. */
export function useHouseHead(): { above: string; aboveRight: ReactNode } {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const wide = useWide();
  return {
    above: `${formatDate(today)} · ${project.house.name}`,
    aboveRight: wide ? null : (
      <Link href="/more" className="min-h-target min-w-target py-3 text-right">
        <Text className="font-strong text-small text-porch-deep underline">More</Text>
      </Link>
    ),
  };
}

/** A screen inside the house: the day and the house's name over the title, and the way to the further places. */
export function Page({
  title,
  above,
  beside,
  children,
}: {
  title: string;
  above?: string;
  beside?: ReactNode;
  children: ReactNode;
}) {
  const head = useHouseHead();
  return (
    <Screen title={title} above={above ?? head.above} aboveRight={head.aboveRight} beside={beside}>
      {children}
    </Screen>
  );
}
