import { useState } from 'react';
import { z } from 'zod';
import { conventionsOf, type Project, type Conventions } from '@/core/house';
import { currencySchema, exponentOf, type Currency } from '@/core/units';
import { FormCard, TextField, useKeptForm } from '@/features/kit/form';
import { keep, useAppDispatch } from '@/store';
import { Button, Choice, Note, Section, Small } from '@/ui';

const USUAL = ['USD', 'CAD', 'EUR', 'GBP', 'AUD'];

/** How money, dates and numbers are written, whatever sizes are measured in. Every field reads them so. */
export function WaysForm({ project }: { project: Project }) {
  const dispatch = useAppDispatch();
  const ways = conventionsOf(project);
  const agree = (change: Partial<Conventions & { currency: Currency }>, what: string) =>
    dispatch(
      keep(
        [{ type: 'waysAgreed', payload: { currency: project.currency, ...ways, ...change } }],
        what,
      ),
    );
  return (
    <Section title="Money, dates and numbers">
      <Currencies
        project={project}
        onCurrency={(currency) => agree({ currency }, `Money is in ${currency}.`)}
      />
      <Small>3/7 is</Small>
      <Choice
        label="3/7 is"
        value={ways.dateOrder}
        options={[
          { value: 'month-first', label: '7 March' },
          { value: 'day-first', label: '3 July' },
        ]}
        onChange={(dateOrder) =>
          void agree(
            { dateOrder },
            dateOrder === 'day-first' ? '3/7 is 3 July.' : '3/7 is 7 March.',
          )
        }
      />
      <Small>Numbers are written</Small>
      <Choice
        label="Numbers are written"
        value={ways.numberStyle}
        options={[
          { value: 'point', label: '1,250.50' },
          { value: 'comma', label: '1.250,50' },
        ]}
        onChange={(numberStyle) => void agree({ numberStyle }, 'Numbers are read the other way.')}
      />
    </Section>
  );
}

/** Sums are counted in the smallest coin: one with other decimals would make others of those that are kept. */
const holdsMoney = ({ days, receipts, budget, orders }: Project): boolean =>
  budget !== null ||
  Object.keys(receipts).length + Object.keys(orders).length > 0 ||
  Object.values(days).some(({ entries }) => entries.some(({ kind }) => kind === 'money'));

const fits = (project: Project, currency: Currency): boolean =>
  exponentOf(currency) === exponentOf(project.currency) || !holdsMoney(project);

function Currencies({
  project,
  onCurrency,
}: {
  project: Project;
  onCurrency: (currency: Currency) => Promise<boolean>;
}) {
  const [other, setOther] = useState(false);
  const shown = [...new Set([...USUAL, project.currency])];
  return (
    <>
      <Small>Currency</Small>
      <Choice
        label="Currency"
        tight
        value={project.currency}
        options={shown
          .filter((code) => fits(project, code))
          .map((value) => ({ value, label: value }))}
        onChange={(currency) => void onCurrency(currency)}
      />
      {other ? (
        <OtherCurrency project={project} onCurrency={onCurrency} onDone={() => setOther(false)} />
      ) : (
        <Button
          look="quiet"
          className="self-start"
          label="Another currency"
          onPress={() => setOther(true)}
        />
      )}
      <Note>The figures kept so far stay as they are; they are not changed over.</Note>
    </>
  );
}

const codeSchema = z.object({
  code: z
    .string()
    .trim()
    .toUpperCase()
    .refine((code) => currencySchema.safeParse(code).success, {
      message: 'Write its three letters, such as CHF, SEK or JPY.',
    }),
});

function OtherCurrency({
  project,
  onCurrency,
  onDone,
}: {
  project: Project;
  onCurrency: (currency: Currency) => Promise<boolean>;
  onDone: () => void;
}) {
  const of = useKeptForm({
    name: 'currency',
    schema: codeSchema,
    initial: { code: '' },
    onDone,
    onKeep: ({ code }) =>
      fits(project, code)
        ? onCurrency(code)
        : {
            field: 'code',
            message: `Sums are kept in ${project.currency} already, and ${code} has other decimals. Choose it in a house without sums.`,
          },
  });
  return (
    <FormCard of={of} title="Another currency" action="Count in it">
      <TextField
        name="code"
        label="Its three letters"
        placeholder="CHF"
        className="max-w-[200px]"
      />
    </FormCard>
  );
}
