import { Slot } from 'expo-router';
import { useLateScreensAhead } from '@/features/late';
import { Frame, HouseGate } from '@/features/shell';

export default function HouseLayout() {
  useLateScreensAhead();
  return (
    <HouseGate>
      <Frame>
        <Slot />
      </Frame>
    </HouseGate>
  );
}
