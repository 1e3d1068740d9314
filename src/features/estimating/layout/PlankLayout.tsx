import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { layFloorPlanks, type PlankWay } from '@/core/estimating/finishes';
import type { Place, Product } from '@/core/house';
import { Columns, Empty } from '@/ui';
import { Alternatives } from './Alternatives';
import { Shown } from './Shown';

const WAYS: readonly PlankWay[] = ['the long way', 'the short way'];

/** Floor boards row by row, the long way or the short way of the room. */
export function PlankLayout({ place, product }: { place: Place; product: Product }) {
  const [chosen, setChosen] = useState<string>(WAYS[0] ?? '');
  const options = useMemo(
    () =>
      WAYS.map((way) => ({
        id: way,
        title: `Rows run ${way}`,
        laid: layFloorPlanks(place, product, way),
      })),
    [place, product],
  );
  const shown = options.find(({ id }) => id === chosen);
  return (
    <Columns>
      {shown?.laid ? (
        <Shown laid={shown.laid} what="board" title="Floor" />
      ) : (
        <Empty title="It cannot be laid so" note="The boards do not reach from joist to joist." />
      )}
      <View className="print:hidden">
        <Alternatives options={options} chosen={chosen} what="board" onChoose={setChosen} />
      </View>
    </Columns>
  );
}
