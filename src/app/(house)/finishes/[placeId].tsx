import { useLocalSearchParams } from 'expo-router';
import { workshopScreen } from '@/features/workshop';

const Screen = workshopScreen('FinishesScreen');

export default function FinishesRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <Screen key={placeId} placeId={placeId} />;
}
