import { View } from 'react-native';
import { selectDevice, takeNewestBuild, useAppDispatch, useAppSelector } from '@/store';
import { Body, Button } from '@/ui';

const WORDS = {
  'newer-waits': 'A newer Fresh Porch is here. What stands on screen is still the one before.',
  'left-behind': 'Another tab has taken a newer Fresh Porch. This one is the one before.',
};

/** Offers a new build; nobody is moved to it while typing. */
export function BuildNotice() {
  const dispatch = useAppDispatch();
  const { build } = useAppSelector(selectDevice);
  if (build === 'newest') return null;
  return (
    <View
      role="status"
      className="flex-row flex-wrap items-center gap-2 border-b border-line bg-porch px-4 py-1 print:hidden"
    >
      <Body className="min-w-0 flex-1">{WORDS[build]}</Body>
      <Button look="quiet" label="Load the new one" onPress={() => dispatch(takeNewestBuild())} />
    </View>
  );
}
