import { countWords } from '@/core/units';
import { View } from 'react-native';
import { conflictsOf } from '@/core/survey/scope';
import { allSound } from '@/core/survey/walk';
import { walkOf } from '@/core/survey/walk/summary';
import { findWork } from '@/core/trade/steps/works';
import { Page } from '@/features/shell';
import { ELEMENT_NAMES } from '@/features/survey/names';
import {
  keep,
  selectPlaces,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Caution, Body, Empty, Note } from '@/ui';
import { ElementCard } from './ElementCard';

/** Standing in one place: element by element, with one thumb. */
export function WalkPlaceScreen({ placeId }: { placeId: string }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const places = useAppSelector(selectPlaces);
  const today = useAppSelector(selectToday);
  const at = places.findIndex(({ id }) => id === placeId);
  const place = places[at];
  if (!place) {
    return (
      <Page title="No such place">
        <Empty title="This place is not in the house" note="It may have been removed.">
          <ButtonLink href="/walk" label="Back to the walk" />
        </Empty>
      </Page>
    );
  }
  const walk = walkOf(project, place);
  const [before, after] = [places[at - 1], places[at + 1]];
  const conflicts = conflictsOf(project).filter((conflict) => conflict.placeId === place.id);
  const rest = allSound(project, place, today);
  return (
    <Page
      title={place.name}
      above={`Place ${at + 1} of ${places.length} · ${walk.left.length === 0 ? 'all looked at' : `${walk.left.length} to look at`}`}
    >
      {conflicts.map(({ element, takes, relies }) => (
        <Caution key={`${takes.workId}${relies.workId}`}>
          <Body>
            {`${ELEMENT_NAMES[element]}: “${findWork(takes.workId)?.title}” takes away what “${findWork(relies.workId)?.title}” makes good. Change one of the two; nothing is dropped until you do.`}
          </Body>
        </Caution>
      ))}
      {rest.length > 0 ? (
        <Button
          look="main"
          label={
            rest.length === walk.elements.length ? 'All sound, keep' : 'All the rest sound, keep'
          }
          onPress={() =>
            void dispatch(
              keep(
                (house) =>
                  allSound(house, place, today).map((payload) => ({
                    type: 'elementSurveyed',
                    payload,
                  })),
                `${place.name}: ${countWords(rest.length, 'thing')} sound, kept.`,
              ),
            )
          }
        />
      ) : (
        <Note>Every element of this place is looked at. Tap one to change what you decided.</Note>
      )}
      <View className="gap-2 wide:flex-row wide:flex-wrap">
        {walk.elements.map((element) => (
          <View key={element} className="wide:w-[49%]">
            <ElementCard place={place} element={element} />
          </View>
        ))}
      </View>
      <View className="flex-row flex-wrap justify-between gap-2">
        {before ? (
          <ButtonLink href={`/walk/${before.id}`} label={`Back: ${before.name}`} />
        ) : (
          <View />
        )}
        {after ? (
          <ButtonLink look="main" href={`/walk/${after.id}`} label={`On to ${after.name}`} />
        ) : (
          <ButtonLink look="main" href="/walk/told" label="Read the walk back" />
        )}
      </View>
    </Page>
  );
}
