import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('SumScreen');

export default function SumRoute() {
  const { kind } = useLocalSearchParams<{ kind: string }>();
  return <Screen key={kind} kind={kind} />;
}
