import { useLocalSearchParams } from 'expo-router';
import { lateScreen } from '@/features/shell/late';

const Screen = lateScreen('NewJobScreen');

export default function NewJobRoute() {
  const { place, find, next, change } = useLocalSearchParams<{
    place?: string;
    find?: string;
    next?: string;
    change?: string;
  }>();
  return <Screen place={place} find={find} next={next} change={change} />;
}
