import { View } from 'react-native';
import { Screen, ButtonLink } from '@/ui';
import { ImportCard } from './ImportCard';

/** For somebody who has a file but no house here yet. */
export function OpenFileScreen() {
  return (
    <View role="main" className="flex-1 bg-ground">
      <Screen title="A house from a file">
        <ImportCard />
        <ButtonLink look="quiet" href="/welcome" label="Back" />
      </Screen>
    </View>
  );
}
