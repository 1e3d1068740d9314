import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { laySheets, sheetLengths } from '@/core/estimating/finishes';
import type { Place, Product } from '@/core/house';
import { formatLength, ticks } from '@/core/units';
import { selectProject, useAppSelector } from '@/store';
import { Choice, Columns, Empty } from '@/ui';
import { Alternatives } from './Alternatives';
import { Shown } from './Shown';

/** Board on the ceiling and each wall, across or along the framing, from all lengths or one. */
export function SheetLayout({ place, product }: { place: Place; product: Product }) {
  const { units } = useAppSelector(selectProject);
  const [where, setWhere] = useState('ceiling');
  const [chosen, setChosen] = useState('across');
  const options = useMemo(() => {
    const at = where === 'ceiling' ? ('ceiling' as const) : Number(where);
    const lengths = sheetLengths(product);
    return [
      {
        id: 'across',
        title: 'Across the framing, all lengths',
        laid: laySheets(place, product, { where: at, way: 'across' }),
      },
      {
        id: 'along',
        title: 'Along the framing, all lengths',
        laid: laySheets(place, product, { where: at, way: 'along' }),
      },
      ...lengths.map((length) => ({
        id: String(length),
        title: `Across, only sheets of ${formatLength(ticks(length), units)}`,
        laid: laySheets(place, product, { where: at, way: 'across', lengths: [length] }),
      })),
    ];
  }, [place, product, where, units]);
  const shown = options.find(({ id }) => id === chosen) ?? options[0];
  return (
    <View className="gap-5">
      <View className="print:hidden">
        <Choice
          label="Which surface"
          value={where}
          options={[
            { value: 'ceiling', label: 'ceiling' },
            ...place.walls.map((_, wall) => ({ value: String(wall), label: `wall ${wall + 1}` })),
          ]}
          onChange={setWhere}
        />
      </View>
      <Columns>
        {shown?.laid ? (
          <Shown
            laid={shown.laid}
            what="sheet"
            title={where === 'ceiling' ? 'Ceiling' : `Wall ${Number(where) + 1}`}
          />
        ) : (
          <Empty title="This cannot be boarded so" note="Choose another way or other lengths." />
        )}
        <View className="print:hidden">
          <Alternatives
            options={options}
            chosen={shown?.id ?? ''}
            what="sheet"
            onChoose={setChosen}
          />
        </View>
      </Columns>
    </View>
  );
}
