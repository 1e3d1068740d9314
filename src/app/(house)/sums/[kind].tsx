import { useLocalSearchParams } from 'expo-router';
import { workshopScreen } from '@/features/workshop';

const Screen = workshopScreen('SumScreen');

export default function SumRoute() {
  const { kind } = useLocalSearchParams<{ kind: string }>();
  return <Screen key={kind} kind={kind} />;
}
