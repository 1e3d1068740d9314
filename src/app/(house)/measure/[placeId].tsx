import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('MeasureScreen');

export default function MeasureRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
