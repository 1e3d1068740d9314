import { View } from 'react-native';
import { Note, Small, Strong } from './text';

/** A figure with its name, and the working under it. */
export function Fact({
  name,
  figure,
  working,
}: {
  name: string;
  figure: string;
  working?: string;
}) {
  return (
    <View className="border-b border-line py-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Note className="flex-1">{name}</Note>
        <Strong className="text-right">{figure}</Strong>
      </View>
      {working ? <Small>{working}</Small> : null}
    </View>
  );
}
