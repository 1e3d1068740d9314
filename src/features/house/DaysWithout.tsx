import { useState } from 'react';
import { z } from 'zod';
import { daysWithout, type DaysWithout as Without } from '@/core/planning/report';
import { countWords, formatDate } from '@/core/units';
import type { Place } from '@/core/house';
import { FormCard, TextField, countField, useKeptForm } from '@/features/kit/form';
import {
  keep,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Section, Slip } from '@/ui';

/** How long a household that stays is without its only bath or kitchen, against what it can bear. */
export function DaysWithout({ place }: { place: Place }) {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  if (!plan) return null;
  const rows = daysWithout(plan, project).filter(({ placeId }) => placeId === place.id);
  if (rows.length === 0) return null;
  return (
    <Section title="Days without">
      {rows.map((row) => (
        <WithoutRow key={row.of} row={row} />
      ))}
    </Section>
  );
}

function WithoutRow({ row }: { row: Without }) {
  const today = useAppSelector(selectToday);
  const [asking, setAsking] = useState(false);
  const stand = row.meanwhile.length > 0 ? ' A stand-in is in the plan.' : '';
  return (
    <Slip
      title={`Without ${row.title}`}
      note={`${formatDate(row.from, today)} to ${formatDate(row.to, today)}.${stand}`}
      figure={countWords(row.days, 'day')}
      figureNote={`limit ${row.limit}${row.told ? '' : ', a guess'}`}
    >
      {row.over ? (
        <Note role="alert" className="text-brick">
          Longer than you can do without. Hire part of it, ask for a day, or plan another stand-in.
        </Note>
      ) : null}
      {asking ? (
        <LimitForm row={row} onDone={() => setAsking(false)} />
      ) : (
        <Button
          look="quiet"
          className="self-start"
          label="Set the limit"
          hint={`Set the limit: without ${row.title}`}
          onPress={() => setAsking(true)}
        />
      )}
    </Slip>
  );
}

const LONGEST = 365;

function LimitForm({ row, onDone }: { row: Without; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const of = useKeptForm({
    name: `days-without/${row.of}`,
    schema: z.object({ days: countField(0, LONGEST, true, 'whole days') }),
    initial: { days: String(row.limit) },
    onDone,
    onKeep: ({ days }) =>
      dispatch(
        keep(
          [{ type: 'daysWithoutAgreed', payload: { of: row.of, days: days ?? 0 } }],
          `${countWords(days ?? 0, 'day')} without ${row.title}: kept.`,
        ),
      ),
  });
  return (
    <FormCard of={of} title={`Without ${row.title}`} action="Keep the limit" plain>
      <TextField name="days" label="Days we can do without" className="w-[180px]" numeric />
    </FormCard>
  );
}
