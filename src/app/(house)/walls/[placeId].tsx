import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('WallsScreen');

export default function WallsRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
