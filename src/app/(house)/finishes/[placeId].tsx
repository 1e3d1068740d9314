import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('FinishesScreen');

export default function FinishesRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
