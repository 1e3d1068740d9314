import { useLocalSearchParams } from 'expo-router';
import { WalkPlaceScreen } from '@/features/walk/WalkPlaceScreen';

export default function PlaceRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <WalkPlaceScreen key={placeId} placeId={placeId} />;
}
