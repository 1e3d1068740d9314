import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('LayoutScreen');

export default function LayoutRoute() {
  const { placeId, slot } = useLocalSearchParams<{ placeId: string; slot?: string }>();
  return <Screen placeId={placeId} slot={slot ?? ''} />;
}
