import { Slot } from 'expo-router';
import { Frame, HouseGate } from '@/features/shell';

export default function HouseLayout() {
  return (
    <HouseGate>
      <Frame>
        <Slot />
      </Frame>
    </HouseGate>
  );
}
