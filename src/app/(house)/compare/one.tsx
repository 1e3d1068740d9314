import { useLocalSearchParams } from 'expo-router';
import { OneScreen } from '@/features/compare/OneScreen';

export default function OneRoute() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  return <OneScreen id={id} />;
}
