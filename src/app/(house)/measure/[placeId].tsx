import { useLocalSearchParams } from 'expo-router';
import { workshopScreen } from '@/features/workshop';

const Screen = workshopScreen('MeasureScreen');

export default function MeasureRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
