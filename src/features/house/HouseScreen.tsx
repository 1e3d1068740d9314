import { View } from 'react-native';
import { Page, PlanState } from '@/features/shell';
import { selectPlaces, useAppSelector } from '@/store';
import { BoardKey, ButtonLink, Empty, Note } from '@/ui';
import { Relations } from './Relations';
import { CutThrough } from './Section';

/** Every place at a glance, cut through. */
export function HouseScreen() {
  const places = useAppSelector(selectPlaces);
  return (
    <Page title="Cut through the house">
      <PlanState />
      {places.length === 0 ? (
        <Empty title="The rooms will stand here" note="Add the first one; floors stack themselves.">
          <ButtonLink look="main" href="/house/new" label="Add a room" />
        </Empty>
      ) : (
        <>
          <Note>
            Boards go up each wall as its stages finish. Open a place to say what is to happen.
          </Note>
          <CutThrough />
          <BoardKey states={['done', 'in-hand', 'ready', 'setting', 'held', 'arrives']} />
          <View className="flex-row flex-wrap gap-2">
            <ButtonLink href="/house/new" label="Add a place" />
            <ButtonLink look="main" href="/walk" label="Walk the house" />
            <ButtonLink href="/walls" label="Behind the walls" />
          </View>
          <Relations />
        </>
      )}
    </Page>
  );
}
