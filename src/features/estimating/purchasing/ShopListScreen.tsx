import { View } from 'react-native';
import { cutLists, shopLists, type ShopItem, type ShopList } from '@/core/estimating/purchasing';
import { countWords, formatDate, formatMoney, formatAbout } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import { placeNameIn, selectPlan, selectProject, selectToday, useAppSelector } from '@/store';
import { Button, ButtonLink, Empty, Note, Section, Slip } from '@/ui';
import { usePlaceOrder } from './usePlaceOrder';

/** What to fetch, shop by shop; one order over several rooms is shared among them by quantity. */
export function ShopListScreen() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const lists = shopLists(plan?.orders ?? []);
  return (
    <Page title="Shop list">
      <PlanState />
      <View className="flex-row flex-wrap gap-2 print:hidden">
        <Button label="Print this page" onPress={() => window.print()} />
        <ButtonLink href="/stores" label="Back to Stores" />
      </View>
      {plan && lists.length === 0 ? (
        <Empty
          title="Nothing is left to order"
          note="Lines to order come here from Stores, shop by shop."
        />
      ) : null}
      {lists.map((list) => (
        <Shop key={list.shop ?? ''} list={list} />
      ))}
      {cutLists(project).length > 0 ? (
        <Section title="Cut at the store">
          <Note>Boards to buy and where to cut them stand in the cut plans.</Note>
          <ButtonLink className="self-start" href="/stores/cuts" label="Cut plans" />
        </Section>
      ) : null}
    </Page>
  );
}

function Shop({ list }: { list: ShopList }) {
  const { currency } = useAppSelector(selectProject);
  return (
    <Section title={list.shop ?? 'Any shop'} sum={`about ${formatAbout(list.cents, currency)}`}>
      {list.items.map((item) => (
        <Item key={`${item.what} ${item.unit}`} item={item} />
      ))}
    </Section>
  );
}

function Item({ item }: { item: ShopItem }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const placeOrder = usePlaceOrder();
  const rooms = item.rooms.map(
    ({ placeId, units }) => `${placeNameIn(project, placeId)} ${countWords(units, item.unit)}`,
  );
  return (
    <Slip
      title={`${item.amount} · ${item.what}`}
      note={rooms.join(', ')}
      figure={formatMoney(item.cents, project.currency)}
      figureNote={`by ${formatDate(item.orderBy, today)}`}
    >
      <View className="print:hidden">
        <Button
          look="quiet"
          className="self-start"
          label={item.lines.length > 1 ? `Ordered for all ${item.lines.length}` : 'Ordered today'}
          hint={`Ordered in one: ${item.what}`}
          onPress={() => placeOrder(item.lines, null)}
        />
      </View>
    </Slip>
  );
}
