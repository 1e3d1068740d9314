import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('JobScreen');

export default function JobRoute() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  return <Screen id={id} />;
}
