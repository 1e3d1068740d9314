import { useCallback, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  canBeTakenBack,
  sayEvent,
  thingsIn,
  type Act,
  type Names,
  type TakenBack,
} from '@/core/journal/history';
import { formatDate, plainDateSchema, type PlainDate } from '@/core/units';
import { useHouseHead } from '@/features/shell';
import { selectSession, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { readHistory, takeBack, tryTakingBack, type History } from '@/store/history';
import { Button, Empty, Field, Note, Strong } from '@/ui';
import { ListScreen } from '@/ui/list-screen';
import { useNames } from './useNames';
import { WhatGoes } from './WhatGoes';

/** Everything that was ever kept, newest first: who, when, what, and taking it back at any age. */
export function HistoryScreen() {
  const dispatch = useAppDispatch();
  const { revision } = useAppSelector(selectSession);
  const head = useHouseHead();
  const plain = useNames();
  const [history, setHistory] = useState<History | null>(null);
  const [search, setSearch] = useState('');
  useEffect(() => {
    let gone = false;
    void dispatch(readHistory()).then((read) => {
      if (!gone) setHistory(read);
    });
    return () => {
      gone = true;
    };
  }, [dispatch, revision]);
  const names = useMemo(
    (): Names => ({ ...plain, thing: thingsIn(history?.events ?? [], plain) }),
    [history, plain],
  );
  const said = useCallback((act: Act) => wordsOf(act, names), [names]);
  const wanted = search.trim().toLowerCase();
  const found = (history?.acts ?? []).filter(
    (act) => wanted === '' || said(act).join(' ').toLowerCase().includes(wanted),
  );
  return (
    <ListScreen
      title="History of changes"
      {...head}
      head={
        <>
          <Note>
            All that was kept, newest first. Taking back says first what goes with it, and can be
            taken back itself.
          </Note>
          <Field
            label="Find a change"
            placeholder="a room, a job, a word"
            value={search}
            onChangeText={setSearch}
          />
          {history === null ? <Note role="status">Reading the journal…</Note> : null}
          {history !== null && found.length === 0 ? (
            <Empty title="No change says that" note="Try fewer letters." />
          ) : null}
        </>
      }
      rows={found}
      keyOf={({ events: [first] }) => first?.id ?? ''}
      row={(act) => <OneAct act={act} names={names} isHere={act.device === history?.device} />}
    />
  );
}

/** One line for each thing that was done in it; the same line once. */
const wordsOf = ({ events }: Act, names: Names): string[] => [
  ...new Set(events.map((event) => sayEvent(event, names))),
];

const SHOWN = 3;

function whenWords(at: string, today: PlainDate): string {
  const day = plainDateSchema.safeParse(at.slice(0, 10));
  return day.success ? `${formatDate(day.data, today)}, ${at.slice(11, 16)}` : at;
}

function OneAct({ act, names, isHere }: { act: Act; names: Names; isHere: boolean }) {
  const dispatch = useAppDispatch();
  const today = useAppSelector(selectToday);
  const [taken, setTaken] = useState<TakenBack | null>(null);
  const words = wordsOf(act, names);
  const [first = ''] = words;
  const isUndo = act.events.every(({ type }) => type === 'undone');
  const label = isUndo ? 'Bring it back' : 'Take it back';
  const take = async () => {
    if (await dispatch(takeBack(act, isUndo ? `Brought back: ${first}` : `Took back: ${first}`)))
      setTaken(null);
  };
  return (
    <View
      role="group"
      aria-label={first}
      className={`border-b border-line pb-1 ${act.stands ? '' : 'opacity-75'}`}
    >
      {words.slice(0, SHOWN).map((line) => (
        <Strong key={line}>{line}</Strong>
      ))}
      {words.length > SHOWN ? <Note>{`and ${words.length - SHOWN} more of the kind`}</Note> : null}
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Note>
          {`${whenWords(act.at, today)} · ${isHere ? 'on this device' : 'on another device'}${act.stands ? '' : ' · taken back'}`}
        </Note>
        {act.stands && canBeTakenBack(act) && taken === null ? (
          <Button
            look="quiet"
            label={label}
            hint={`${label}: ${first}`}
            onPress={() => void dispatch(tryTakingBack(act)).then(setTaken)}
          />
        ) : null}
      </View>
      {taken && act.stands ? (
        <WhatGoes
          taken={taken}
          names={names}
          label={`Yes, ${label.toLowerCase()}`}
          onYes={() => void take()}
          onNo={() => setTaken(null)}
        />
      ) : null}
    </View>
  );
}
