import type { ComponentType, ReactNode } from 'react';
import { View } from 'react-native';
import { usePathname } from 'expo-router';
import type { PlaceId } from '@/core/house';
import { LogStrip, type LineReader } from '@/features/log/strip';
import { selectPlaces, selectPlanning, useAppSelector } from '@/store';
import { useWide } from '@/ui';
import { Notices } from './Notices';
import { Rail } from './Rail';

type WalkStrip = ComponentType<{ placeId: PlaceId | null }>;

/** The page with rail and log strip round it. On a phone the strip docks over the rail. */
export function Frame({
  walkStrip,
  loadReader,
  children,
}: {
  /** The walk's strip with its grammar: it comes when somebody sets out to walk. */
  walkStrip: WalkStrip;
  /** Sends for what reads the lines of the strip. */
  loadReader: () => Promise<LineReader>;
  children: ReactNode;
}) {
  const wide = useWide();
  // A plan stands on screen while a better one is looked for.
  const { working, improving } = useAppSelector(selectPlanning);
  const page = (
    <View className="min-w-0 flex-1">
      <View role="main" aria-busy={working || improving} className="min-h-0 flex-1">
        {children}
      </View>
      <Notices />
      <DockedStrip walkStrip={walkStrip} loadReader={loadReader} />
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
function DockedStrip({
  walkStrip: Walk,
  loadReader,
}: {
  walkStrip: WalkStrip;
  loadReader: () => Promise<LineReader>;
}) {
  const path = usePathname();
  const places = useAppSelector(selectPlaces);
  if (!path.startsWith('/walk')) return <LogStrip loadReader={loadReader} />;
  const standingIn = places.find(({ id }) => path === `/walk/${id}`);
  return <Walk placeId={standingIn?.id ?? null} />;
}
