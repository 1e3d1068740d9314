import type { ReactNode } from 'react';
import { FlatList, View } from 'react-native';
import { ScreenHead } from './screen';

/** A scrolling page of many rows under its heading, of which only those in sight are drawn. */
export function ListScreen<T>({
  title,
  above,
  aboveRight,
  head,
  rows,
  keyOf,
  row,
}: {
  title: string;
  above?: string;
  aboveRight?: ReactNode;
  head: ReactNode;
  rows: readonly T[];
  keyOf: (item: T) => string;
  row: (item: T) => ReactNode;
}) {
  return (
    <FlatList
      tabIndex={0}
      className="flex-1"
      contentContainerClassName="p-4 pb-8 wide:px-6"
      data={rows}
      keyExtractor={keyOf}
      renderItem={({ item }) => <View className="pt-5">{row(item)}</View>}
      initialNumToRender={8}
      maxToRenderPerBatch={6}
      windowSize={7}
      ListHeaderComponent={
        <View className="gap-5">
          <ScreenHead title={title} above={above} aboveRight={aboveRight} />
          {head}
        </View>
      }
    />
  );
}
