import { Suspense, lazy } from 'react';
import { View } from 'react-native';
import type { PlaceId } from '@/core/house';

const WalkStrip = lazy(() =>
  import('./WalkStrip').then((module) => ({ default: module.WalkStrip })),
);

/** The walk's strip with its grammar, loaded when somebody sets out to walk. */
export function LazyWalkStrip({ placeId }: { placeId: PlaceId | null }) {
  return (
    <Suspense fallback={<View className="min-h-target bg-strip" />}>
      <WalkStrip placeId={placeId} />
    </Suspense>
  );
}
