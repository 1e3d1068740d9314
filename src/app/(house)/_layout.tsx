import { Slot } from 'expo-router';
import { lateScreen, loadReader, useLateScreensAhead } from '@/features/shell/late';
import { Frame, HouseGate } from '@/features/shell';

const WalkStrip = lateScreen('WalkStrip');

export default function HouseLayout() {
  useLateScreensAhead();
  return (
    <HouseGate>
      <Frame walkStrip={WalkStrip} loadReader={loadReader}>
        <Slot />
      </Frame>
    </HouseGate>
  );
}
