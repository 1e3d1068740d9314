import { View } from 'react-native';
import { CALCULATORS } from '@/core/estimating/calculators';
import { Page } from '@/features/shell';
import { ButtonLink, Columns, Section, Slip } from '@/ui';

/** Every calculator on its own, for anyone with a question. */
export function SumsScreen() {
  const half = Math.ceil(CALCULATORS.length / 2);
  const list = (sums: typeof CALCULATORS) =>
    sums.map(({ kind, title, asks }) => (
      <Slip key={kind} title={title} note={asks} href={`/sums/${kind}`} />
    ));
  return (
    <Page title="Sums">
      <View className="flex-row flex-wrap gap-2">
        <ButtonLink href="/measure" label="Measuring pass" />
        <ButtonLink href="/stores/cuts" label="Cut plans" />
      </View>
      <Columns>
        <Section title="In the order of the work" sum={`${CALCULATORS.length} sums`}>
          {list(CALCULATORS.slice(0, half))}
        </Section>
        <Section title="Finishes and services">{list(CALCULATORS.slice(half))}</Section>
      </Columns>
    </Page>
  );
}
