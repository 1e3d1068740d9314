import { View } from 'react-native';
import { ButtonLink, Screen } from '@/ui';

export default function NotFound() {
  return (
    <View role="main" className="flex-1 bg-ground">
      <Screen title="No such page">
        <ButtonLink look="main" href="/" label="Back to the house" />
      </Screen>
    </View>
  );
}
