import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('OneScreen');

export default function OneRoute() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  return <Screen id={id} />;
}
