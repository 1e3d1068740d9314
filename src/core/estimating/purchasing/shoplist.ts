import { isToOrder, type OrderLine } from './order-line';
import { inCans } from '../finishes';
import type { PlaceId } from '../../house';
import { addCents, countWords, type Cents, type PlainDate } from '../../units';

/** What is fetched in one shop on one trip: the lines of several rooms added up by thing. */
export type ShopItem = {
  what: string;
  unit: string;
  units: number;
  /** As it is bought: `62 boards`, of paint `2 gallons + 1 quart`. */
  amount: string;
  cents: Cents;
  /** The first day any of it must be ordered. */
  orderBy: PlainDate;
  lines: OrderLine[];
  /** How much of it each room takes, in `unit`. */
  rooms: { placeId: PlaceId | null; units: number }[];
};
export type ShopList = { shop: string | null; items: ShopItem[]; cents: Cents };

function byRoom(lines: readonly OrderLine[]): ShopItem['rooms'] {
  const rooms = new Map<PlaceId | null, number>();
  for (const { placeId, units } of lines) rooms.set(placeId, (rooms.get(placeId) ?? 0) + units);
  return [...rooms].map(([placeId, units]) => ({ placeId, units }));
}

function itemOf(lines: readonly [OrderLine, ...OrderLine[]]): ShopItem {
  const [first] = lines;
  const units = lines.reduce((sum, line) => sum + line.units, 0);
  return {
    what: first.what,
    unit: first.unit,
    units,
    amount: first.batch
      ? inCans({ ...first.batch, need: units }).amount
      : countWords(units, first.unit),
    cents: addCents(lines.map(({ price }) => price)),
    orderBy: lines.reduce(
      (least, { orderBy }) => (orderBy < least ? orderBy : least),
      first.orderBy,
    ),
    lines: [...lines],
    rooms: byRoom(lines),
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
