import { countWords } from '@/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { workChoiceIdSchema, type Place, type WorkChoice } from '@/core/house';
import { scopeOf } from '@/core/scope';
import { findWork, worksFor, type Work } from '@/core/steps/works';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Field, Note, Section, Slip, Small } from '@/ui';

/** What is to happen in a place: the works chosen, and those on offer for its kind. */
export function Works({ place }: { place: Place }) {
  const project = useAppSelector(selectProject);
  const chosen = Object.values(project.works).filter(({ placeId }) => placeId === place.id);
  const walked = scopeOf(project).filter(
    ({ placeId, origin }) => placeId === place.id && origin.kind !== 'chosen',
  );
  const offered = worksFor(place.kind).filter(
    (work) => ![...chosen, ...walked].some(({ workId }) => workId === work.id),
  );
  const [choosing, setChoosing] = useState(false);
  const count = chosen.length + walked.length;
  const open = choosing || count === 0;
  return (
    <Section title="What is to happen" sum={count > 0 ? `${count} works` : undefined}>
      {chosen.map((choice) => (
        <ChosenWork key={choice.id} choice={choice} />
      ))}
      {walked.map(({ workId, because, count: many, origin }) => (
        <Slip
          key={`${workId} ${because}`}
          title={findWork(workId)?.title ?? workId}
          note={because}
          figure={many > 1 ? `${many}` : undefined}
          figureNote={origin.kind === 'find' ? 'a find' : 'from the walk'}
          href={`/walk/${place.id}`}
        />
      ))}
      {open ? (
        <View className="gap-2">
          {count === 0 ? (
            <Note>Nothing chosen yet. Choose what is to happen; jobs, hours and order follow.</Note>
          ) : null}
          {offered.map((work) => (
            <OfferedWork key={work.id} work={work} place={place} />
          ))}
        </View>
      ) : null}
      {count > 0 && offered.length > 0 ? (
        <Button
          label={choosing ? 'That is all' : 'Choose more works'}
          onPress={() => setChoosing(!choosing)}
        />
      ) : null}
    </Section>
  );
}

function ChosenWork({ choice }: { choice: WorkChoice }) {
  const dispatch = useAppDispatch();
  const work = findWork(choice.workId);
  const title = work?.title ?? choice.workId;
  const count = work?.counted
    ? countWords(choice.count, work.counted.replace(/s$/, ''))
    : undefined;
  return (
    <Slip
      title={title}
      note={work?.brings ?? 'From a newer version; it stays as it is.'}
      figure={count}
    >
      <Button
        look="quiet"
        className="self-start"
        label="Drop it"
        hint={`Drop: ${title}`}
        onPress={() =>
          void dispatch(
            keep(
              [{ type: 'workDropped', payload: { workChoiceId: choice.id } }],
              `Dropped: ${title}. Hours and money logged on it stay.`,
            ),
          )
        }
      />
    </Slip>
  );
}

const MOST = 99;

function OfferedWork({ work, place }: { work: Work; place: Place }) {
  const dispatch = useAppDispatch();
  const [count, setCount] = useState('1');
  const [error, setError] = useState<string>();
  const choose = async () => {
    const number = Number(count);
    if (!Number.isInteger(number) || number < 1 || number > MOST) {
      setError(`Say how many ${work.counted ?? ''}, from 1 to ${MOST}.`);
      return;
    }
    const payload = {
      id: workChoiceIdSchema.parse(dispatch(freshId())),
      placeId: place.id,
      workId: work.id,
      count: number,
    };
    await dispatch(keep([{ type: 'workChosen', payload }], `${work.title}, ${place.name}.`));
  };
  return (
    <Slip title={work.title} note={work.brings}>
      <View className="flex-row flex-wrap items-end gap-3 pt-1">
        {work.counted ? (
          <Field
            className="w-[120px]"
            label={`How many ${work.counted}`}
            inputMode="numeric"
            value={count}
            error={error}
            onChangeText={(next) => {
              setCount(next);
              setError(undefined);
            }}
          />
        ) : null}
        <Button label="Choose" hint={`Choose: ${work.title}`} onPress={() => void choose()} />
      </View>
    </Slip>
  );
}

/** For the house as a whole nothing is chosen by hand. */
export function WholeHouseWorks() {
  return (
    <Small>
      Locks, alarms, permits, inspections and moving in belong to the house as a whole. They come by
      themselves with the works of its rooms.
    </Small>
  );
}
