import { useLocalSearchParams } from 'expo-router';
import { LayoutScreen } from '@/features/layout/LayoutScreen';

export default function LayoutRoute() {
  const { placeId, slot } = useLocalSearchParams<{ placeId: string; slot?: string }>();
  return <LayoutScreen placeId={placeId} slot={slot ?? ''} />;
}
