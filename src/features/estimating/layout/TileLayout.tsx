import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { layFloorTiles } from '@/core/estimating/finishes';
import type { Place, Product } from '@/core/house';
import { formatLength, ticks } from '@/core/units';
import { selectProject, useAppSelector } from '@/store';
import { Columns, Note, Section } from '@/ui';
import { Alternatives } from './Alternatives';
import { Shown } from './Shown';
import { StartLine } from './StartLine';

const BEST = 'best';
const OWN = 'own';

/** Tiles on the floor; the start line can be dragged, and the cuts follow. */
export function TileLayout({ place, product }: { place: Place; product: Product }) {
  const { units } = useAppSelector(selectProject);
  const [chosen, setChosen] = useState(BEST);
  const [own, setOwn] = useState<{ x: number; y: number } | null>(null);
  const best = useMemo(() => layFloorTiles(place, product, {}), [place, product]);
  const fromCorner = useMemo(() => layFloorTiles(place, product, { x: 0, y: 0 }), [place, product]);
  const start = own ?? best.start ?? { x: 0, y: 0 };
  const ownLaid = useMemo(
    () => layFloorTiles(place, product, { x: start.x, y: start.y }),
    [place, product, start.x, start.y],
  );
  const options = [
    { id: BEST, title: 'Widest cuts at all edges', laid: best },
    { id: 'corner', title: 'Whole tiles from the first corner', laid: fromCorner },
    ...(own ? [{ id: OWN, title: 'Your own start line', laid: ownLaid }] : []),
  ];
  const shown = options.find(({ id }) => id === chosen)?.laid ?? best;
  const move = (axis: 'x' | 'y', to: number) => {
    setOwn({ ...start, [axis]: to });
    setChosen(OWN);
  };
  return (
    <Columns>
      <Shown laid={shown} what="tile" title="Floor" />
      <View className="gap-5 print:hidden">
        <Section title="Start line">
          <StartLine
            label="From the left wall"
            at={start.x}
            surface={shown.surface}
            axis="x"
            onMove={(to) => move('x', to)}
          />
          <StartLine
            label="From the far wall"
            at={start.y}
            surface={shown.surface}
            axis="y"
            onMove={(to) => move('y', to)}
          />
          <Note>
            {`A tile begins ${formatLength(ticks(start.x), units)} from the left and ${formatLength(ticks(start.y), units)} from the far wall. Drag, or use the arrow keys.`}
          </Note>
        </Section>
        <Alternatives options={options} chosen={chosen} what="tile" onChoose={setChosen} />
      </View>
    </Columns>
  );
}
