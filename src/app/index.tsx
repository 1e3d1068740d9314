import { Redirect } from 'expo-router';
import { HouseGate } from '@/features/shell';

export default function Index() {
  return (
    <HouseGate>
      <Redirect href="/today" />
    </HouseGate>
  );
}
