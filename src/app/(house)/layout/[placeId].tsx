import { useLocalSearchParams } from 'expo-router';
import { workshopScreen } from '@/features/workshop';

const Screen = workshopScreen('LayoutScreen');

export default function LayoutRoute() {
  const { placeId, slot } = useLocalSearchParams<{ placeId: string; slot?: string }>();
  return <Screen placeId={placeId} slot={slot ?? ''} />;
}
