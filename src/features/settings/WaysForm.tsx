import { waysOf, type Project, type Ways } from '@/core/house';
import { currencySchema, type Currency } from '@/core/units';
import { keep, useAppDispatch } from '@/store';
import { Choice, Note, Section, Small } from '@/ui';

/** How money, dates and numbers are written, whatever sizes are measured in. Every field reads them so. */
export function WaysForm({ project }: { project: Project }) {
  const dispatch = useAppDispatch();
  const ways = waysOf(project);
  const agree = (change: Partial<Ways & { currency: Currency }>, what: string) =>
    void dispatch(
      keep(
        [{ type: 'waysAgreed', payload: { currency: project.currency, ...ways, ...change } }],
        what,
      ),
    );
  return (
    <Section title="Money, dates and numbers">
      <Small>Currency</Small>
      <Choice
        label="Currency"
        tight
        value={project.currency}
        options={currencySchema.options.map((value) => ({ value, label: value }))}
        onChange={(currency) => agree({ currency }, `Money is in ${currency}.`)}
      />
      <Note>The figures kept so far stay as they are; they are not changed over.</Note>
      <Small>3/7 is</Small>
      <Choice
        label="3/7 is"
        value={ways.dateOrder}
        options={[
          { value: 'month-first', label: '7 March' },
          { value: 'day-first', label: '3 July' },
        ]}
        onChange={(dateOrder) =>
          agree({ dateOrder }, dateOrder === 'day-first' ? '3/7 is 3 July.' : '3/7 is 7 March.')
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
        onChange={(numberStyle) => agree({ numberStyle }, 'Numbers are read the other way.')}
      />
    </Section>
  );
}
