import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useState } from 'react';
import type { Place } from '@/core/house';
import { selectPlaces, useAppSelector } from '@/store';
import { Small, usePalette, useWide } from '@/ui';
import { RoomCell } from './RoomCell';
import { sectionModel, type FloorRow, type SectionModel } from './section-model';

const PER_ROW = { phone: 3, wide: 7 };
const FLOOR_HEIGHT = 140;
const CELLAR_HEIGHT = 96;
const ROOF_HEIGHT = 56;
/** An attic as wide and as tall as this stays under the slopes: width + height / roof is at most one. */
const ATTIC = { width: '46%', height: 84, roof: 156 } as const;

/** The house cut through: roof over, floors stacked, cellar under the ground, the outside to the sides. */
export function CutThrough() {
  const places = useAppSelector(selectPlaces);
  const wide = useWide();
  const model = sectionModel(places, wide ? PER_ROW.wide : PER_ROW.phone);
  const outside = [...model.outside.map(cellOf), WHOLE_HOUSE];
  const half = Math.ceil(outside.length / 2);
  if (!wide) {
    return (
      <View role="group" aria-label="The house cut through" className="gap-3">
        <HouseBody model={model} />
        <Small>Round the house</Small>
        <OutsideRow cells={outside} />
      </View>
    );
  }
  return (
    <View role="group" aria-label="The house cut through" className="flex-row items-end gap-4">
      <OutsideColumn cells={outside.slice(0, half)} />
      <View className="min-w-0 flex-1">
        <HouseBody model={model} />
      </View>
      <OutsideColumn cells={outside.slice(half)} />
    </View>
  );
}

type OutsideCell = { placeId: Place['id'] | null; name: string; href: `/house/${string}` };
const cellOf = ({ id, name }: Place): OutsideCell => ({ placeId: id, name, href: `/house/${id}` });
const WHOLE_HOUSE: OutsideCell = { placeId: null, name: 'Whole house', href: '/house/whole' };

function HouseBody({ model }: { model: SectionModel }) {
  const palette = usePalette();
  return (
    <View>
      <Roof attic={model.attic} />
      <View className="border border-ink">
        {model.rows.map((row, at) => (
          <Floor key={at} row={row} height={FLOOR_HEIGHT} />
        ))}
      </View>
      <View className="h-[5px]" style={{ backgroundColor: palette.peg, marginHorizontal: -16 }} />
      {model.cellar.length > 0 ? (
        <View className="mx-2 border border-ink">
          {model.cellar.map((row, at) => (
            <Floor key={at} row={row} height={CELLAR_HEIGHT} />
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** The roof's slope; an attic sits under it as a room of its own. */
function Roof({ attic }: { attic: readonly Place[] }) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const tall = attic.length > 0 ? ATTIC.roof : ROOF_HEIGHT;
  return (
    <View
      style={{ height: tall }}
      className="justify-end"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      <View className="absolute inset-0">
        {width > 0 ? (
          <Svg width={width} height={tall} aria-hidden>
            <Path
              d={`M1 ${tall} L${width / 2} 4 L${width - 1} ${tall} Z`}
              fill={palette['straw-pale']}
              stroke={palette.ink}
              strokeWidth={2}
            />
          </Svg>
        ) : null}
      </View>
      <View className="flex-row self-center" style={{ width: ATTIC.width }}>
        {attic.map(({ id, name }) => (
          <RoomCell key={id} placeId={id} name={name} height={ATTIC.height} href={`/house/${id}`} />
        ))}
      </View>
    </View>
  );
}

function Floor({ row, height }: { row: FloorRow; height: number }) {
  return (
    <View className="flex-row">
      {row.cells.map(({ place, from, to }) => (
        <View key={place.id} style={{ width: `${(to - from) * 100}%` }} className="flex-row">
          <RoomCell
            placeId={place.id}
            name={place.name}
            height={height}
            href={`/house/${place.id}`}
          />
        </View>
      ))}
    </View>
  );
}

function OutsideRow({ cells }: { cells: readonly OutsideCell[] }) {
  return (
    <View className="flex-row flex-wrap gap-2">
      {cells.map((cell) => (
        <View key={cell.href} className="min-w-[30%] flex-1 flex-row">
          <RoomCell {...cell} height={104} className="border-dashed" />
        </View>
      ))}
    </View>
  );
}

function OutsideColumn({ cells }: { cells: readonly OutsideCell[] }) {
  return (
    <View className="w-[132px] gap-2 pb-1">
      {cells.map((cell) => (
        <View key={cell.href} className="flex-row">
          <RoomCell {...cell} height={110} className="border-dashed" />
        </View>
      ))}
    </View>
  );
}
