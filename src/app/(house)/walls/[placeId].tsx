import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/late';

const Screen = lateScreen('WallsScreen');

export default function WallsRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
