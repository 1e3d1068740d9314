import { useState } from 'react';
import { View } from 'react-native';
import type { Ledger } from '@/core/money';
import { formatAbout, formatPaid, type Cents, type Currency } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import { selectLedger, selectPlan, selectProject, useAppSelector } from '@/store';
import { Choice } from '@/ui';
import { Changes } from './Changes';
import { Quotes } from './Quotes';
import { Receipts } from './Receipts';
import { Standing } from './Standing';

const VIEWS = [
  { value: 'standing', label: 'Now' },
  { value: 'receipts', label: 'Receipts' },
  { value: 'quotes', label: 'Quotes' },
  { value: 'changes', label: 'Changes' },
] as const;
type Shown = (typeof VIEWS)[number]['value'];

/** Where the money goes, and whether it will last. */
export function SpendScreen() {
  const project = useAppSelector(selectProject);
  const ledger = useAppSelector(selectLedger);
  const planned = useAppSelector(selectPlan) !== null;
  const [shown, setShown] = useState<Shown>('standing');
  return (
    <Page title={titleWords(ledger, project.currency, planned)}>
      <PlanState />
      <Choice label="Show" options={VIEWS} value={shown} onChange={setShown} tight />
      <View>
        {shown === 'standing' ? <Standing onReceipt={() => setShown('receipts')} /> : null}
        {shown === 'receipts' ? <Receipts /> : null}
        {shown === 'quotes' ? <Quotes /> : null}
        {shown === 'changes' ? <Changes /> : null}
      </View>
    </Page>
  );
}

/** Whether the money lasts is said only once it is known what is still to come. */
function titleWords({ budget, paid }: Ledger, currency: Currency, planned: boolean): string {
  if (!budget || !planned) return `${formatPaid(paid, currency)} spent`;
  return budget.afterAll >= 0
    ? 'The money lasts, as far as one can see'
    : `Short by about ${formatAbout(Math.abs(budget.afterAll) as Cents, currency)}, as far as one can see`;
}
