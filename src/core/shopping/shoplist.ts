import { isToOrder, type OrderLine } from '../planning/report';
import { addCents, type Cents, type PlainDate } from '../units';

/** What is fetched in one shop on one trip: the lines of several rooms added up by thing. */
export type ShopItem = {
  what: string;
  unit: string;
  units: number;
  cents: Cents;
  /** The first day any of it must be ordered. */
  orderBy: PlainDate;
  lines: OrderLine[];
};
export type ShopList = { shop: string | null; items: ShopItem[]; cents: Cents };

function itemOf(lines: readonly [OrderLine, ...OrderLine[]]): ShopItem {
  const [first] = lines;
  return {
    what: first.what,
    unit: first.unit,
    units: lines.reduce((sum, { units }) => sum + units, 0),
    cents: addCents(lines.map(({ price }) => price)),
    orderBy: lines.reduce(
      (least, { orderBy }) => (orderBy < least ? orderBy : least),
      first.orderBy,
    ),
    lines: [...lines],
  };
}

/** Everything that can be ordered, by shop and thing, the most urgent first; things without a shop come last. */
export function shopLists(orders: readonly OrderLine[]): ShopList[] {
  const byShop = new Map<string | null, Map<string, [OrderLine, ...OrderLine[]]>>();
  for (const line of orders.filter((each) => isToOrder(each) && each.state !== 'to-measure')) {
    const things = byShop.get(line.shop) ?? new Map<string, [OrderLine, ...OrderLine[]]>();
    byShop.set(line.shop, things);
    const key = `${line.what} ${line.unit}`;
    const before = things.get(key);
    if (before) before.push(line);
    else things.set(key, [line]);
  }
  return [...byShop]
    .map(([shop, things]) => {
      const items = [...things.values()]
        .map(itemOf)
        .sort((a, b) => a.orderBy.localeCompare(b.orderBy));
      return { shop, items, cents: addCents(items.map((item) => item.cents)) };
    })
    .sort((a, b) => (a.shop === null ? 1 : b.shop === null ? -1 : a.shop.localeCompare(b.shop)));
}
