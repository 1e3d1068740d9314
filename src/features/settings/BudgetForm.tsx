import { useState } from 'react';
import { View } from 'react-native';
import { waysOf, type NumberStyle, type Project } from '@/core/house';
import { formatMoney, parseMoney, type Cents } from '@/core/units';
import { keep, useAppDispatch } from '@/store';
import { Button, Field, Note, Section, useFollowing } from '@/ui';

const plain = (cents: Cents): string => (cents / 100).toFixed(2).replace(/\.00$/, '');

function readSum(text: string, style: NumberStyle): { value: Cents } | { error: string } {
  const parsed = parseMoney(text, style);
  if (!parsed.ok) return { error: `“${text}” is not a sum. Write it like 24,000 or 24000.50.` };
  return parsed.value < 0 ? { error: 'It cannot be less than nothing.' } : { value: parsed.value };
}

/** What may be spent on planned work, and what is set aside for what nobody can foresee. */
export function BudgetForm({ project }: { project: Project }) {
  const dispatch = useAppDispatch();
  const { budget, currency } = project;
  const [total, setTotal] = useFollowing(budget ? plain(budget.total) : '');
  const [contingency, setContingency] = useFollowing(budget ? plain(budget.contingency) : '');
  const [asked, setAsked] = useState(false);
  const { numberStyle } = waysOf(project);
  const readTotal = readSum(total, numberStyle);
  const readContingency = readSum(contingency, numberStyle);
  const save = () => {
    setAsked(true);
    if ('error' in readTotal || 'error' in readContingency) return;
    void dispatch(
      keep(
        [
          {
            type: 'budgetAgreed',
            payload: { total: readTotal.value, contingency: readContingency.value },
          },
        ],
        `Budget ${formatMoney(readTotal.value, currency)}, contingency ${formatMoney(readContingency.value, currency)}.`,
      ),
    );
  };
  return (
    <Section title={`Budget, in ${currency}`}>
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="min-w-[140px] flex-1"
          label="For planned work"
          value={total}
          onChangeText={setTotal}
          error={asked && 'error' in readTotal ? readTotal.error : undefined}
        />
        <Field
          className="min-w-[140px] flex-1"
          label="Contingency beside it"
          value={contingency}
          onChangeText={setContingency}
          error={asked && 'error' in readContingency ? readContingency.error : undefined}
        />
      </View>
      <Note>On old work 10 to 20% of the budget is usual, because walls hide things.</Note>
      <View className="flex-row">
        <Button look="main" label="Keep the budget" onPress={save} />
      </View>
    </Section>
  );
}
