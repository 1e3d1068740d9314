import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('WalkPlaceScreen');

export default function PlaceRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
