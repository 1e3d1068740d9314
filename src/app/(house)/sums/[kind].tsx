import { useLocalSearchParams } from 'expo-router';
import { SumScreen } from '@/features/sums/SumScreen';

export default function SumRoute() {
  const { kind } = useLocalSearchParams<{ kind: string }>();
  return <SumScreen kind={kind} />;
}
