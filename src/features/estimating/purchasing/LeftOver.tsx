import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { productsOf } from '@/core/estimating/finishes/catalogue';
import { leftoversOf, shortDeliveriesOf, type Leftover } from '@/core/house';
import { salvageOf } from '@/core/survey/walk/summary';
import { formatDate, formatLength } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  TextField,
  countField,
  lengthField,
  useKeptForm,
} from '@/features/kit/form';
import {
  freshId,
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Section, Slip } from '@/ui';

/** What came short, damaged or wrong and belongs to no line of the takeoff: to be ordered again by hand. */
export function ToOrderAgain() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const missing = shortDeliveriesOf(project);
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

const lengthSchema = z.object({
  what: z.string().min(1, 'Choose a trim first, under the finishes of a room.'),
  length: lengthField('Give its length, such as 6\' 2" or 1.88 m.'),
  count: countField(1, MOST),
});

function AddLength({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const trims = productsOf(project).filter(({ sum }) => sum === 'trim');
  const of = useKeptForm({
    name: 'length-of-trim',
    schema: lengthSchema,
    initial: { what: trims[0]?.name ?? '', length: '', count: '1' },
    onDone,
    onKeep: ({ what, length, count }) => {
      const many = count ?? 1;
      const payload = {
        id: dispatch(freshId()),
        what,
        amount: `${many} x ${formatLength(length, project.units)}`,
        placeId: null,
        offcut: { length, count: many },
      };
      return dispatch(keep([{ type: 'leftoverKept', payload }], `Kept ${what}.`));
    },
  });
  return (
    <FormCard of={of} title="A length of trim" action="Keep it">
      <ChoiceField
        name="what"
        label="Which trim"
        options={trims.map(({ name }) => ({ value: name, label: name }))}
      />
      <View className="flex-row flex-wrap gap-3">
        <TextField name="length" label="Length" className="min-w-[120px] flex-1" />
        <TextField name="count" label="How many" className="w-[96px]" numeric />
      </View>
    </FormCard>
  );
}
