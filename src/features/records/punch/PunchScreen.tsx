import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { openPunch, placesInOrder, type PlaceId, type PunchItem } from '@/core/house';
import { countWords, formatDate } from '@/core/units';
import {
  FormCard,
  NO_SUCH_PLACE,
  TextField,
  WHOLE_HOUSE,
  WhereField,
  areThere,
  placeChosen,
  useKeptForm,
  wordsField,
} from '@/features/kit/form';
import { TakeBack } from '@/features/history';
import { Photos } from '@/features/kit/photo';
import { Page } from '@/features/shell';
import { DateAsk } from '@/features/job/story';
import {
  freshId,
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Empty, Folded, Note, Section, Slip } from '@/ui';

/** What is still to be put right, room by room; each closes by itself. */
export function PunchScreen() {
  const project = useAppSelector(selectProject);
  const [adding, setAdding] = useState(false);
  const open = openPunch(project);
  const closed = Object.values(project.punch).filter(({ closedOn }) => closedOn !== null);
  const rooms: (PlaceId | null)[] = [...placesInOrder(project).map(({ id }) => id), null];
  const known = new Set<PlaceId | null>(rooms);
  // An item of a room that went stands with the house as a whole.
  const inRoom = (room: PlaceId | null) => (item: PunchItem) =>
    known.has(item.placeId) ? item.placeId === room : room === null;
  return (
    <Page
      title={open.length === 0 ? 'Punch list' : `${countWords(open.length, 'thing')} to put right`}
    >
      <View className="gap-4">
        {open.length === 0 && !adding ? (
          <Empty
            title={closed.length === 0 ? 'Nothing noted yet' : 'Nothing left to remember'}
            note="A chip, a drawer that sticks, a switch without its plate: tap it in as you walk, or say it tonight: “punch list: …”."
          />
        ) : null}
        {adding ? (
          <ItemForm onDone={() => setAdding(false)} />
        ) : (
          <Button
            look="main"
            className="self-start"
            label="Add to the punch list"
            onPress={() => setAdding(true)}
          />
        )}
        {rooms.map((room) => {
          const here = open.filter(inRoom(room));
          return here.length === 0 ? null : (
            <Section
              key={room ?? WHOLE_HOUSE}
              title={placeNameIn(project, room)}
              sum={countWords(here.length, 'thing')}
            >
              {here.map((item) => (
                <Item key={item.id} item={item} />
              ))}
            </Section>
          );
        })}
        {closed.length > 0 ? (
          <Folded
            first={0}
            more={`${countWords(closed.length, 'thing')} put right`}
            rows={closed.map((item) => (
              <Item key={item.id} item={item} />
            ))}
          />
        ) : null}
        <ButtonLink look="quiet" className="self-start" href="/keys" label="Back to Keys" />
      </View>
    </Page>
  );
}

function ItemForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const of = useKeptForm({
    name: 'punch/new',
    schema: z.object({
      what: wordsField('Say what is not right, such as “paint chipped beside the door”.'),
      placeId: z.string(),
    }),
    initial: { what: '', placeId: WHOLE_HOUSE as string },
    onDone,
    onKeep: ({ what, placeId: where }) => {
      const placeId = placeChosen(where);
      if (!areThere(project, [placeId])) {
        return { field: 'placeId' as const, message: NO_SUCH_PLACE };
      }
      const item = { id: dispatch(freshId()), placeId, what, on: today, closedOn: null };
      return dispatch(keep([{ type: 'punchNoted', payload: item }], `On the punch list: ${what}.`));
    },
  });
  return (
    <FormCard of={of} title="What is not right" action="Add it">
      <TextField name="what" label="What" placeholder="paint chipped beside the door" />
      <WhereField />
    </FormCard>
  );
}

function Item({ item }: { item: PunchItem }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const { id, what, placeId, on, closedOn } = item;
  const close = (day: typeof on) =>
    dispatch(keep([{ type: 'punchClosed', payload: { id, on: day } }], `Put right: ${what}.`));
  return (
    <Slip
      state={closedOn === null ? 'ready' : 'done'}
      title={what}
      note={
        closedOn === null
          ? `noted ${formatDate(on, today)}`
          : `${placeNameIn(project, placeId)} · put right ${formatDate(closedOn, today)}`
      }
    >
      <View className="flex-row flex-wrap items-center gap-2 pt-2">
        <Photos placeId={placeId} of={`punch/${id}`} about={what} take={closedOn === null} />
        {closedOn === null ? (
          <>
            <Button
              label="It is right"
              hint={`It is right: ${what}`}
              onPress={() => void close(today)}
            />
            <Button
              look="quiet"
              label="On another day"
              hint={`Right on another day: ${what}`}
              onPress={() => setAsking(!asking)}
            />
          </>
        ) : null}
        <TakeBack
          about={`punch/${id}`}
          what={closedOn === null ? `noted, ${what}` : `put right, ${what}`}
          label={closedOn === null ? 'Take it off' : 'Not right after all'}
        />
      </View>
      {asking && closedOn === null ? (
        <DateAsk
          name={`punch/${id}`}
          question="On which day was it put right?"
          onCancel={() => setAsking(false)}
          onDate={close}
        />
      ) : null}
      {closedOn === null ? null : <Note>{`noted ${formatDate(on, today)}`}</Note>}
    </Slip>
  );
}
