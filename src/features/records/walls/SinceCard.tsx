import { View } from 'react-native';
import { changedSince, keptFrom } from '@/core/records/walls';
import type { Place, WallRecord } from '@/core/house';
import { formatLength } from '@/core/units';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Body, Button, Caution } from '@/ui';

/** A recorded wall that is longer or shorter now: from which corner its things are counted is asked. */
export function SinceCard({ place, record }: { place: Place; record: WallRecord }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const { units } = useAppSelector(selectProject);
  const since = changedSince(record, place);
  if (since.is !== 'resized') return null;
  const choose = (corner: 'left' | 'right') =>
    dispatch(
      keep(
        [{ type: 'wallRecorded', payload: keptFrom(corner, record, place, today) }],
        `${record.wall}: counted from the ${corner} corner.`,
      ),
    );
  return (
    <Caution>
      <View className="gap-2">
        <Body>
          {`This wall was ${formatLength(since.was, units)} when it was recorded and is ${formatLength(since.now, units)} now. Which corner stayed where it was?`}
        </Body>
        <View className="flex-row flex-wrap gap-2">
          <Button label="The left corner" onPress={() => void choose('left')} />
          <Button label="The right corner" onPress={() => void choose('right')} />
        </View>
      </View>
    </Caution>
  );
}
