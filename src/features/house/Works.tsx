import { countWords } from '@/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import {
  OPENING_CHANGES,
  stateOf,
  workChoiceIdSchema,
  type OpeningChange,
  type Place,
  type WorkChoice,
} from '@/core/house';
import { scopeOf } from '@/core/survey/scope';
import {
  WORK_GROUPS,
  findWork,
  searchWorks,
  usualWorks,
  worksFor,
  type Work,
} from '@/core/trade/steps/works';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Choice, Field, Note, Section, Slip, Small } from '@/ui';
import { ChangeOpening, changeWords } from './ChangeOpening';

/** What is to happen in a place: the works chosen, and those on offer for what it is today. */
export function Works({ place }: { place: Place }) {
  const project = useAppSelector(selectProject);
  const chosen = Object.values(project.works).filter(({ placeId }) => placeId === place.id);
  const walked = scopeOf(project).filter(
    ({ placeId, origin }) => placeId === place.id && origin.kind !== 'chosen',
  );
  const [choosing, setChoosing] = useState(false);
  const count = chosen.length + walked.length;
  const open = choosing || count === 0;
  const taken = new Set([...chosen, ...walked].map(({ workId }) => workId));
  return (
    <Section title="What is to happen" sum={count > 0 ? countWords(count, 'work') : undefined}>
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
      {open ? <Offer place={place} taken={taken} isFirst={count === 0} /> : null}
      {count > 0 ? (
        <Button
          label={choosing ? 'That is all' : 'Choose more works'}
          onPress={() => setChoosing(!choosing)}
        />
      ) : null}
    </Section>
  );
}

const USUAL = 'Mostly done here';

/** A short list of what is mostly done; the rest by what people want, or by a word. */
function Offer({
  place,
  taken,
  isFirst,
}: {
  place: Place;
  taken: ReadonlySet<string>;
  isFirst: boolean;
}) {
  const project = useAppSelector(selectProject);
  const [search, setSearch] = useState('');
  const [group, setGroup] = useState<string>(USUAL);
  const state = stateOf(project, place);
  // A work asked for with its sizes may be chosen again: another opening is another chain of jobs.
  const isFree = ({ id, asks }: Work) => asks !== undefined || !taken.has(id);
  const all = worksFor(place.kind, state).filter(isFree);
  const groups = WORK_GROUPS.filter((name) => all.some((work) => work.group === name));
  const shown =
    search.trim() !== ''
      ? searchWorks(all, search)
      : group === USUAL
        ? usualWorks(place.kind, state).filter(isFree)
        : all.filter((work) => work.group === group);
  return (
    <View className="gap-2">
      {isFirst ? (
        <Note>Nothing chosen yet. Choose what is to happen; jobs, hours and order follow.</Note>
      ) : null}
      <Field
        label="Find a work"
        placeholder="tile, window to door, deck"
        value={search}
        onChangeText={setSearch}
      />
      {search.trim() === '' ? (
        <Choice
          label="What you want"
          value={group}
          options={[USUAL, ...groups].map((name) => ({ value: name, label: name }))}
          onChange={setGroup}
        />
      ) : null}
      {shown.length === 0 ? (
        <Note>
          {search.trim() === ''
            ? 'All of these are chosen.'
            : `Nothing here answers to “${search.trim()}”. Try one word of it.`}
        </Note>
      ) : null}
      {shown.map((work) => (
        <OfferedWork key={work.id} work={work} place={place} />
      ))}
    </View>
  );
}

function ChosenWork({ choice }: { choice: WorkChoice }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectProject);
  const work = findWork(choice.workId);
  const title = work?.title ?? choice.workId;
  const count = work?.counted
    ? countWords(choice.count, work.counted.replace(/s$/, ''))
    : undefined;
  const said = choice.opening ? changeWords(choice.opening, units) : undefined;
  return (
    <Slip
      title={title}
      note={said ?? work?.brings ?? 'From a newer version; it stays as it is.'}
      figure={said ? undefined : count}
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
  const project = useAppSelector(selectProject);
  const [count, setCount] = useState('1');
  const [error, setError] = useState<string>();
  const [asking, setAsking] = useState(false);
  const choose = (number: number, opening?: OpeningChange) => {
    const before = Object.values(project.works).filter(
      ({ placeId, workId }) => placeId === place.id && workId === work.id,
    );
    const nth = 1 + Math.max(0, ...before.map((choice) => choice.nth ?? 1));
    const payload = {
      id: workChoiceIdSchema.parse(dispatch(freshId())),
      placeId: place.id,
      workId: work.id,
      count: number,
      ...(opening ? { opening } : {}),
      ...(work.stepsPerChoice && nth > 1 ? { nth } : {}),
    };
    const change = OPENING_CHANGES.find(({ id }) => id === opening?.change)?.title;
    const title = change ? `${work.title}: ${change}` : work.title;
    return dispatch(keep([{ type: 'workChosen', payload }], `${title}, ${place.name}.`));
  };
  const chooseCounted = async () => {
    const number = Number(count);
    if (!Number.isInteger(number) || number < 1 || number > MOST) {
      setError(`Say how many ${work.counted ?? ''}, from 1 to ${MOST}.`);
      return;
    }
    await choose(number);
  };
  if (asking) {
    return (
      <ChangeOpening
        placeId={place.id}
        onKeep={(opening) => choose(1, opening)}
        onClose={() => setAsking(false)}
      />
    );
  }
  return (
    <Slip title={work.title} note={work.brings}>
      <View className="flex-row flex-wrap items-end gap-3 pt-1">
        {work.counted && !work.asks ? (
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
        <Button
          label="Choose"
          hint={`Choose: ${work.title}`}
          onPress={() => (work.asks ? setAsking(true) : void chooseCounted())}
        />
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
