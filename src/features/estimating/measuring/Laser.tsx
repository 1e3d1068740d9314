import { useState } from 'react';
import { View } from 'react-native';
import type { Place } from '@/core/house';
import { formatLength, fromFeet } from '@/core/units';
import { readLaser, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note } from '@/ui';
import type { MeasureTyped } from './form';

/** The next field a measuring device would fill: the first wall or height without a length. */
function nextEmpty(
  typed: MeasureTyped,
): { path: `walls.${number}.length` | 'height'; name: string } | null {
  const wall = typed.walls.findIndex(({ length }) => length.trim() === '');
  if (wall >= 0) return { path: `walls.${wall}.length`, name: `wall ${wall + 1}` };
  return typed.height.trim() === '' ? { path: 'height', name: 'the height' } : null;
}

/** A simulated measuring laser, for the demo only: its readings are made up and belong in no real house. */
export function Laser({
  typed,
  place,
  onRead,
}: {
  typed: MeasureTyped;
  place: Place;
  onRead: (path: `walls.${number}.length` | 'height', text: string) => void;
}) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectProject);
  const [said, setSaid] = useState('');
  const next = nextEmpty(typed);
  const read = async () => {
    if (!next) return;
    const wall = /\d+/.exec(next.path)?.[0];
    const known = wall === undefined ? place.height : place.walls[Number(wall)]?.length;
    const reading = await dispatch(readLaser(known ?? fromFeet(10)));
    if (reading.kind === 'lost') {
      setSaid('No signal came back. Hold still and read again.');
      return;
    }
    const text = formatLength(reading.length, units);
    setSaid(`Read ${text} into ${next.name}.`);
    onRead(next.path, text);
  };
  return (
    <View className="gap-1">
      <Button
        className="self-start"
        disabled={!next}
        label={next ? `Read ${next.name} with the laser` : 'Nothing is empty for the laser'}
        onPress={() => void read()}
      />
      <View role="status">
        <Note>{said || 'A simulated laser: readings are made up, a millimetre or two off.'}</Note>
      </View>
    </View>
  );
}
