import { useState } from 'react';
import { z } from 'zod';
import { toldOf } from '@/core/house';
import { cents, formatAbout, formatMinutes, formatPaid, minutes, plainMoney } from '@/core/units';
import { FormCard, TextField, moneyField, useKeptForm, useWritten } from '@/features/kit/form';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Fact, Section } from '@/ui';

const MINUTES_PER_HOUR = 60;

/** Hours of one's own beside the money, priced where somebody wants that. Never part of what is spent. */
export function OwnHours() {
  const project = useAppSelector(selectProject);
  const [asking, setAsking] = useState(false);
  const paidByDay = new Set(project.people.filter(({ crew }) => crew).map(({ id }) => id));
  const worked = toldOf(project, 'hours')
    .filter(({ entry }) => !paidByDay.has(entry.personId))
    .reduce((sum, { entry }) => sum + entry.minutes, 0);
  const { ownHourCents, currency } = project;
  return (
    <Section title="Your own hours" sum={formatMinutes(minutes(worked))}>
      {ownHourCents === null ? null : (
        <Fact
          name="Counted in money"
          figure={`about ${formatAbout(cents((worked * ownHourCents) / MINUTES_PER_HOUR), currency)}`}
          working={`${formatMinutes(minutes(worked))} at ${formatPaid(ownHourCents, currency)} an hour; in no sum above`}
        />
      )}
      {asking ? (
        <PriceForm onDone={() => setAsking(false)} />
      ) : (
        <Button
          look="quiet"
          className="self-start"
          label={ownHourCents === null ? 'Count them in money' : 'Change the price of an hour'}
          onPress={() => setAsking(true)}
        />
      )}
    </Section>
  );
}

function PriceForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const { ownHourCents, currency } = useAppSelector(selectProject);
  const written = useWritten();
  const of = useKeptForm({
    name: 'own-hour',
    schema: z.object({ price: moneyField(written, null) }),
    initial: { price: ownHourCents === null ? '' : plainMoney(ownHourCents, currency, true) },
    onDone,
    onKeep: ({ price }) =>
      dispatch(
        keep(
          [{ type: 'ownHourPriced', payload: { cents: price } }],
          price === null ? 'Own hours are not counted in money.' : 'The price of an hour is kept.',
        ),
      ),
  });
  return (
    <FormCard of={of} title="What an hour of your own is worth" action="Keep the price">
      <TextField
        name="price"
        label="For one hour"
        hint="empty: not counted"
        className="max-w-[200px]"
        numeric
      />
    </FormCard>
  );
}
