import { useLocalSearchParams } from 'expo-router';
import { MeasureScreen } from '@/features/measure/MeasureScreen';

export default function MeasureRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <MeasureScreen key={placeId} placeId={placeId} />;
}
