import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { kindKeys, kindTitle, placesInOrder, type Budget, type Project } from '@/core/house';
import { addCents, cents, formatMoney, plainMoney, type Cents } from '@/core/units';
import {
  FormCard,
  TextField,
  moneyField,
  sumField,
  useKeptForm,
  useWritten,
  type Written,
} from '@/features/kit/form';
import { keep, useAppDispatch } from '@/store';
import { Button, Note, Section } from '@/ui';

const parts = (written: Written) => z.record(z.string(), moneyField(written, null));
const budgetFormSchema = (written: Written) =>
  z.object({
    total: sumField(written),
    contingency: sumField(written),
    byPlace: parts(written),
    byKind: parts(written),
  });

type Parts = Readonly<Record<string, Cents | null>>;
const given = (all: Parts): Record<string, Cents> =>
  Object.fromEntries(
    Object.entries(all).flatMap(([key, sum]) => (sum ? [[key, sum] as const] : [])),
  );
const sumOf = (all: Parts): Cents => addCents(Object.values(given(all)));

type Row = { key: string; label: string };
const roomsOf = (project: Project): Row[] =>
  placesInOrder(project).map(({ id, name }) => ({ key: id, label: name }));
const kindsOf = ({ ownKinds }: Project): Row[] =>
  kindKeys(ownKinds).map((key) => ({
    key,
    label: kindTitle(ownKinds, key),
  }));

/** What may be spent on planned work, what of it is for a room or a kind, and what is set aside for what nobody can foresee. */
export function BudgetForm({ project }: { project: Project }) {
  const dispatch = useAppDispatch();
  const { budget, currency } = project;
  const written = useWritten();
  const typed = (sum: Cents | undefined) => (sum ? plainMoney(sum, currency, true) : '');
  const [rooms, kinds] = [roomsOf(project), kindsOf(project)];
  const of = useKeptForm({
    name: 'budget',
    schema: budgetFormSchema(written),
    follows: true,
    initial: {
      total: budget ? plainMoney(budget.total, currency, true) : '',
      contingency: budget ? plainMoney(budget.contingency, currency, true) : '',
      byPlace: typedParts(rooms, budget?.byPlace, typed),
      byKind: typedParts(kinds, budget?.byKind, typed),
    },
    onKeep: ({ total, contingency, byPlace, byKind }) => {
      for (const [field, all] of [
        ['byPlace', byPlace],
        ['byKind', byKind],
      ] as const) {
        const over = sumOf(all) - total;
        if (over > 0) {
          return {
            field: 'total' as const,
            message: `${field === 'byPlace' ? 'The rooms' : 'The kinds'} come to ${formatMoney(cents(over), currency)} more than this. Give it more, or them less.`,
          };
        }
      }
      const payload: Budget = {
        total,
        contingency,
        ...(sumOf(byPlace) > 0 ? { byPlace: given(byPlace) } : {}),
        ...(sumOf(byKind) > 0 ? { byKind: given(byKind) } : {}),
      };
      return dispatch(
        keep(
          [{ type: 'budgetAgreed', payload }],
          `Budget ${formatMoney(total, currency)}, contingency ${formatMoney(contingency, currency)}.`,
        ),
      );
    },
  });
  return (
    <Section title={`Budget, in ${currency}`}>
      <FormCard of={of} title="Budget" action="Keep the budget" plain>
        <View className="flex-row flex-wrap gap-3">
          <TextField
            name="total"
            label="For planned work"
            className="min-w-[140px] flex-1"
            numeric
          />
          <TextField
            name="contingency"
            label="Contingency beside it"
            className="min-w-[140px] flex-1"
            numeric
          />
        </View>
        <Note>On old work 10 to 20% of the budget is usual, because walls hide things.</Note>
        <PartsOf rows={rooms} name="byPlace" open="Share it out by room" />
        <PartsOf rows={kinds} name="byKind" open="Share it out by kind" />
      </FormCard>
    </Section>
  );
}

const typedParts = (
  rows: readonly Row[],
  all: Budget['byPlace'],
  typed: (sum: Cents | undefined) => string,
): Record<string, string> => Object.fromEntries(rows.map(({ key }) => [key, typed(all?.[key])]));

function PartsOf({ rows, name, open }: { rows: readonly Row[]; name: string; open: string }) {
  const [isOpen, setOpen] = useState(false);
  if (rows.length === 0) return null;
  if (!isOpen) {
    return (
      <Button look="quiet" className="self-start" label={open} onPress={() => setOpen(true)} />
    );
  }
  return (
    <View className="gap-2">
      <Note>{`${open}: what is left empty stays unassigned.`}</Note>
      <View className="flex-row flex-wrap gap-3">
        {rows.map(({ key, label }) => (
          <TextField
            key={key}
            name={`${name}.${key}`}
            label={label}
            className="min-w-[130px] flex-1"
            numeric
          />
        ))}
      </View>
    </View>
  );
}
