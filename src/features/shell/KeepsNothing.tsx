import { View } from 'react-native';
import { selectDevice, useAppSelector } from '@/store';
import { Body } from '@/ui';

/** Said before anybody types an evening into a page that cannot keep it. */
export function KeepsNothing() {
  const { keeps } = useAppSelector(selectDevice);
  if (keeps !== false) return null;
  return (
    <View role="alert" className="border-b border-line bg-brick-pale px-4 py-2 print:hidden">
      <Body>
        This browser lets the page keep nothing: a private window, or its storage is switched off.
        Houses cannot be opened or started here. Use an ordinary window, or allow this page to store
        data.
      </Body>
    </View>
  );
}
