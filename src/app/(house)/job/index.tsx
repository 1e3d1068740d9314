import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/late';

const Screen = lateScreen('JobScreen');

export default function JobRoute() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  return <Screen id={id} />;
}
