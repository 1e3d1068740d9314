import { useState } from 'react';
import { View } from 'react-native';
import {
  PLACE_STATES,
  placeKindSchema,
  stateOf,
  isOutside,
  type Place,
  type PlaceKind,
  type PlaceState,
} from '@/core/house';
import { statesAgainstLog } from '@/core/survey/walk';
import { KIND_NAMES } from '@/features/house/room';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, Choice, Note, Section, Small } from '@/ui';

/** What a place is today: it decides which works make sense, and that nothing is torn out where nothing stands. */
export function PlaceToday({ place }: { place: Place }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [editing, setEditing] = useState(false);
  const [state, setState] = useState<PlaceState>(stateOf(project, place));
  const [kind, setKind] = useState<PlaceKind>(place.kind);
  const is = project.placeStates[place.id];
  const told = PLACE_STATES.find(({ id }) => id === stateOf(project, place));
  const against = statesAgainstLog(project).find(({ placeId }) => placeId === place.id);
  const was = is?.was ? KIND_NAMES[is.was] : undefined;
  const save = async () => {
    const payload = {
      placeId: place.id,
      state,
      on: today,
      ...(state === 'becomes' && kind !== place.kind ? { kind } : {}),
    };
    const kept = await dispatch(
      keep([{ type: 'placeStateSaid', payload }], `${place.name}: what it is today is kept.`),
    );
    if (kept) setEditing(false);
  };
  return (
    <Section title="What it is today" sum={told?.title}>
      <Note>
        {was && was !== KIND_NAMES[place.kind]
          ? `It was: ${was}. It becomes: ${KIND_NAMES[place.kind]}.`
          : `${told?.says ?? ''}.`}
      </Note>
      {against ? (
        <Note role="alert" className="text-brick">
          {`The log says otherwise: ${against.titles.join(', ')}. What was logged stays; put right what the place is.`}
        </Note>
      ) : null}
      {editing ? (
        <View className="gap-3 rounded-board border border-spruce p-3">
          <Choice
            label="What it is today"
            value={state}
            options={PLACE_STATES.map(({ id, title }) => ({ value: id, label: title }))}
            onChange={setState}
          />
          <Small>{PLACE_STATES.find(({ id }) => id === state)?.says}</Small>
          {state === 'becomes' ? <Small>What it becomes</Small> : null}
          {state === 'becomes' ? (
            <Choice
              label="What it becomes"
              value={kind}
              options={placeKindSchema.options
                .filter((option) => !isOutside(option) || option === place.kind)
                .map((option) => ({ value: option, label: KIND_NAMES[option] }))}
              onChange={setKind}
            />
          ) : null}
          <View className="flex-row flex-wrap gap-2">
            <Button look="main" label="Keep what it is" onPress={() => void save()} />
            <Button label="Leave it" onPress={() => setEditing(false)} />
          </View>
        </View>
      ) : (
        <Button
          className="self-start"
          label="Say what it is today"
          onPress={() => {
            setState(stateOf(project, place));
            setKind(place.kind);
            setEditing(true);
          }}
        />
      )}
    </Section>
  );
}
