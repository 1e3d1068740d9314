import { useLocalSearchParams } from 'expo-router';
import { PlaceScreen } from '@/features/house/PlaceScreen';

export default function PlaceRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <PlaceScreen key={placeId} placeId={placeId} />;
}
