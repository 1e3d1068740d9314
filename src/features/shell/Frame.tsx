import type { ReactNode } from 'react';
import { View } from 'react-native';
import { usePathname } from 'expo-router';
import { LogStrip, WalkStrip } from '@/features/log';
import { selectPlaces, selectPlanning, useAppSelector } from '@/store';
import { useWide } from '@/ui';
import { Notices } from './Notices';
import { Rail } from './Rail';

/** The page with rail and log strip round it. On a phone the strip docks over the rail. */
export function Frame({ children }: { children: ReactNode }) {
  const wide = useWide();
  // A plan stands on screen while a better one is looked for.
  const { working } = useAppSelector(selectPlanning);
  const page = (
    <View className="min-w-0 flex-1">
      <View role="main" aria-busy={working} className="min-h-0 flex-1">
        {children}
      </View>
      <Notices />
      <DockedStrip />
    </View>
  );
  return wide ? (
    <View className="flex-1 flex-row bg-ground">
      <Rail />
      {page}
    </View>
  ) : (
    <View className="flex-1 bg-ground">
      {page}
      <Rail />
    </View>
  );
}

/** The evening's strip everywhere; on the walk, the one that takes what is seen. */
function DockedStrip() {
  const path = usePathname();
  const places = useAppSelector(selectPlaces);
  if (!path.startsWith('/walk')) return <LogStrip />;
  const standingIn = places.find(({ id }) => path === `/walk/${id}`);
  return <WalkStrip placeId={standingIn?.id ?? null} />;
}
