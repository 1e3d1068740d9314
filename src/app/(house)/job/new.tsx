import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/late';

const Screen = lateScreen('NewJobScreen');

export default function NewJobRoute() {
  const { place, find, change } = useLocalSearchParams<{
    place?: string;
    find?: string;
    change?: string;
  }>();
  return <Screen place={place} find={find} change={change} />;
}
