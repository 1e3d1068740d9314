import { useLocalSearchParams } from 'expo-router';
import { FinishesScreen } from '@/features/finishes/FinishesScreen';

export default function FinishesRoute() {
  const { placeId } = useLocalSearchParams<{ placeId: string }>();
  return <FinishesScreen placeId={placeId} />;
}
