import { useState } from 'react';
import { View } from 'react-native';
import { productsOf } from '@/core/finishes/catalogue';
import { leftoversOf, shortfallsOf, type Leftover } from '@/core/house';
import { salvageOf } from '@/core/survey/summary';
import { formatDate, formatLength, parseLength } from '@/core/units';
import {
  freshId,
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Field, Section, Slip, useKeeping } from '@/ui';

/** What came short, damaged or wrong and belongs to no line of the takeoff: to be ordered again by hand. */
export function ToOrderAgain() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const missing = shortfallsOf(project);
  if (missing.length === 0) return null;
  return (
    <Section title="To order again" sum="from the log">
      {missing.map(({ id, date, entry }) => (
        <Slip
          key={id}
          title={entry.what}
          note={`came ${entry.state} on ${formatDate(date, today)}`}
          figure={entry.missing === null ? '' : `${entry.missing / 1000}`}
        />
      ))}
    </Section>
  );
}

/** What lies in the stores: left over, taken out to use again, lengths the next cut plan may cut from. */
export function LeftOver() {
  const project = useAppSelector(selectProject);
  const leftovers = leftoversOf(project);
  const salvage = salvageOf(project);
  const [adding, setAdding] = useState(false);
  return (
    <Section title="Left over and kept" sum="use these first">
      {leftovers.map((leftover) => (
        <One key={leftover.id} leftover={leftover} />
      ))}
      {salvage.map(({ surveyId, what, size, placeId }) => (
        <Slip
          key={surveyId}
          title={what}
          note={`taken out of ${placeNameIn(project, placeId)}, to use again`}
          figure={size ?? 'size not taken'}
        />
      ))}
      {adding ? (
        <AddLength onDone={() => setAdding(false)} />
      ) : (
        <Button
          className="self-start"
          label="Keep a length of trim"
          onPress={() => setAdding(true)}
        />
      )}
    </Section>
  );
}

function One({ leftover }: { leftover: Leftover }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { id, what, amount, placeId, offcut, returnedOn } = leftover;
  const size = offcut ? `${offcut.count} x ${formatLength(offcut.length, project.units)}` : amount;
  return (
    <Slip title={what} note={placeNameIn(project, placeId)} figure={returnedOn ? 'returned' : size}>
      {returnedOn ? null : (
        <Button
          look="quiet"
          className="self-start"
          label="Took it back"
          hint={`Took it back: ${what}`}
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'leftoverReturned', payload: { leftoverId: id, on: today } }],
                `${what} went back to the shop.`,
              ),
            )
          }
        />
      )}
    </Slip>
  );
}

const MOST = 99;

function AddLength({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const trims = productsOf(project).filter(({ sum }) => sum === 'trim');
  const [what, setWhat] = useState(trims[0]?.name ?? '');
  const [length, setLength] = useState('');
  const [count, setCount] = useState('1');
  const [error, setError] = useState<string>();
  const keeping = useKeeping({ what, length, count });
  const save = async () => {
    const read = parseLength(length);
    const many = Number(count);
    if (!read.ok || read.value <= 0) {
      setError('Give its length, such as 6\' 2" or 1.88 m.');
      return;
    }
    if (!Number.isInteger(many) || many < 1 || many > MOST) {
      setError(`Say how many, from 1 to ${MOST}.`);
      return;
    }
    const payload = {
      id: dispatch(freshId()),
      what,
      amount: `${many} x ${formatLength(read.value, project.units)}`,
      placeId: null,
      offcut: { length: read.value, count: many },
    };
    await keeping(
      () => dispatch(keep([{ type: 'leftoverKept', payload }], `Kept ${what}.`)),
      onDone,
    );
  };
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Choice
        label="Which trim"
        value={what}
        options={trims.map(({ name }) => ({ value: name, label: name }))}
        onChange={setWhat}
      />
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="min-w-[120px] flex-1"
          label="Length"
          value={length}
          error={error}
          onChangeText={setLength}
        />
        <Field
          className="w-[96px]"
          label="How many"
          inputMode="numeric"
          value={count}
          onChangeText={setCount}
        />
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Keep it" onPress={() => void save()} />
        <Button label="Leave it" onPress={onDone} />
      </View>
    </View>
  );
}
