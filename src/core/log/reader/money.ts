import type { EntryOf, PlaceId } from '../../house';
import { cents, minorUnits, splitCents, type Cents } from '../../units';
import type { Item, ItemOf } from './items';
import type { Phrase } from './line';
import { placesSaid } from './jobs';
import type { Memory } from './reading';
import { nameAt, thingIn } from './things';
import { spendKindOf } from './words/spending';
import { MAN, TRADES } from './words/trades';

const PAID_TO = ['paid', 'gave', 'pay'];

/** Who was paid or asks, with the tokens that say so. */
export function vendorIn(stretch: Phrase): { name: string | null; used: Set<number> } {
  const { tokens } = stretch.line;
  const used = new Set<number>();
  const take = (from: number, to: number) => {
    for (let at = from; at < to; at += 1) used.add(at);
  };
  const [shop] = stretch.marked('shop');
  if (shop) {
    take(shop.at, shop.to);
    return { name: shop.name, used };
  }
  for (let at = stretch.at; at < stretch.to; at += 1) {
    const word = tokens[at]?.word ?? '';
    const isLead = /^(?:at|from|to|by|with)$/.test(word) || PAID_TO.includes(word);
    const from = tokens[at + 1]?.word === 'the' ? at + 2 : at + 1;
    const isPlace = stretch.marks.some((mark) => mark.is === 'place' && mark.at === from);
    if (!isLead || isPlace) continue;
    const named = nameAt(stretch, from);
    if (named) {
      take(at, named.to);
      return { name: named.name, used };
    }
    const person = stretch
      .marked('person')
      .find((mark) => mark.at === from && !mark.self && !mark.all);
    if (person) {
      take(at, person.to);
      const known = stretch.context.people.find(({ id }) => id === person.ids[0]);
      return { name: known?.name ?? null, used };
    }
  }
  for (let at = stretch.at + 1; at < stretch.to; at += 1) {
    const isShop =
      /^(?:store|shop|yard|market|merchants?|cent(?:er|re)|depot|warehouse|supplier)$/.test(
        tokens[at]?.word ?? '',
      );
    const lead = [at - 2, at - 3].find(
      (one) => one >= stretch.at && /^(?:at|from)$/.test(tokens[one]?.word ?? ''),
    );
    if (
      !isShop ||
      lead === undefined ||
      stretch.marks.some((mark) => mark.is === 'place' && mark.at === at)
    )
      continue;
    take(lead, at + 1);
    const from = tokens[lead + 1]?.word === 'the' ? lead + 2 : lead + 1;
    return { name: stretch.line.text.slice(tokens[from]?.from ?? 0, tokens[at]?.to ?? 0), used };
  }
  for (let at = stretch.at; at < stretch.to; at += 1) {
    const word = tokens[at]?.word ?? '';
    if (TRADES.test(word)) {
      used.add(at);
      return { name: word, used };
    }
    if (MAN.test(word) && at > stretch.at && tokens[at - 1]?.kind === 'word') {
      take(at - 1, at + 1);
      return { name: `${tokens[at - 1]?.word ?? ''} ${word}`, used };
    }
  }
  // "Ridge charged 400", "Nordlicht 180": a name that opens the statement.
  const opening = nameAt(stretch, stretch.at);
  const isName =
    opening !== undefined &&
    (opening.to - stretch.at > 1 || stretch.has('spent', 'quoted')) &&
    !stretch.marks.some((mark) => mark.at < opening.to && mark.is !== 'person');
  if (opening && isName && stretch.freeWords(() => true).includes(stretch.at)) {
    take(stretch.at, opening.to);
    return { name: opening.name, used };
  }
  return { name: null, used };
}

/** A bare figure as money: "65.000" is thousands, whatever the style. */
function moneyValue(stretch: Phrase, { at, to, value }: ItemOf<'number'>): number {
  const text = stretch.line.tokens[at]?.text ?? '';
  const isGrouped = to === at + 1 && /^\d{1,3}(?:[.,]\d{3})+$/.test(text);
  return isGrouped ? Number(text.replace(/[.,]/g, '')) : value;
}

type Figure = { at: number; to: number; cents: Cents; isMoney: boolean };

const figuresIn = (stretch: Phrase): Figure[] =>
  stretch.items
    .flatMap((item: Item): Figure[] =>
      item.is === 'money'
        ? [{ at: item.at, to: item.to, cents: cents(item.cents), isMoney: true }]
        : item.is === 'number'
          ? [
              {
                at: item.at,
                to: item.to,
                cents: cents(
                  Math.round(moneyValue(stretch, item) * minorUnits(stretch.context.currency)),
                ),
                isMoney: false,
              },
            ]
          : [],
    )
    .sort((a, b) => a.at - b.at);

/** Weights of the rooms: percent, halves and sums stand beside their room; "rest" takes what is left. */
function sharesOf(
  stretch: Phrase,
  total: Cents,
  parts: readonly Figure[],
): EntryOf<'money'>['shares'] | undefined {
  const rooms = stretch.marked('place').filter(({ ids }) => ids.length === 1);
  const order = [...new Map(rooms.map((room) => [room.ids[0], room])).values()];
  if (order.length < 2) return undefined;
  const beside = [
    ...stretch.all('percent').map(({ at, to, percent }) => ({ at, to, weight: percent })),
    ...stretch
      .all('fraction')
      .map(({ at, to, share }) => ({ at, to, weight: Math.round(share * 12_000) })),
    ...parts.map(({ at, to, cents: part }) => ({ at, to, weight: Math.abs(part) })),
  ];
  const used = new Set<number>();
  const last = Math.max(...order.map(({ to }) => to));
  const isApart =
    beside.length === order.length &&
    (beside.every(({ to }) => to <= Math.min(...order.map(({ at }) => at))) ||
      beside.every(({ at }) => at >= last));
  if (isApart) {
    // "60/40 kitchen and bathroom": the figures stand together, in the order of the rooms.
    const split = splitCents(
      total,
      beside.toSorted((a, b) => a.at - b.at).map(({ weight }) => weight),
    );
    return order.map(({ ids }, at) => ({ placeId: ids[0] ?? null, cents: split[at] ?? cents(0) }));
  }
  const distance = (room: (typeof order)[number], { at, to }: { at: number; to: number }) =>
    at >= room.to ? at - room.to : room.at >= to ? room.at - to : 0;
  const first = Math.min(...order.map(({ at }) => at));
  const isInFront = beside.length > 0 && Math.min(...beside.map(({ at }) => at)) < first;
  const weights = order.map((room) => {
    const side = beside
      .map((figure, index) => ({ figure, index }))
      .filter(
        ({ figure, index }) =>
          !used.has(index) && (isInFront ? figure.at < room.at : figure.at >= room.to),
      )
      .sort((a, b) => distance(room, a.figure) - distance(room, b.figure))[0];
    if (!side) return null;
    used.add(side.index);
    return side.figure.weight;
  });
  const hasRest = stretch.tokens.some(({ word }) => word === 'rest' || word === 'remainder');
  const known = weights.reduce<number>((sum, weight) => sum + (weight ?? 0), 0);
  const isPercent = stretch.all('percent').length > 0;
  const whole = isPercent ? 100 : stretch.all('fraction').length > 0 ? 12_000 : Math.abs(total);
  const filled = weights.map(
    (weight) =>
      weight ?? (hasRest || weights.length - 1 === used.size ? Math.max(0, whole - known) : 0),
  );
  const isTold = used.size > 0 && filled.every((weight) => weight > 0);
  const split = splitCents(total, isTold ? filled : order.map(() => 1));
  return order.map(({ ids }, at) => ({ placeId: ids[0] ?? null, cents: split[at] ?? cents(0) }));
}

/** Money spent, got back or agreed: how much, for what, where and in which rooms. */
export function moneyIn(stretch: Phrase, memory: Memory): EntryOf<'money'> | undefined {
  const figures = figuresIn(stretch);
  const sums = figures.filter(({ isMoney }) => isMoney);
  // "12 outlets, $38.60": of two figures the one with a sign is the sum; of bare ones that with decimals, or the last.
  const priced = figures.filter(({ at }) => /[.,]\d\d$/.test(stretch.line.tokens[at]?.text ?? ''));
  const rooms = new Set(stretch.marked('place').flatMap(({ ids }) => ids)).size;
  const main = sums[0] ?? (rooms > 1 ? figures[0] : (priced.at(-1) ?? figures.at(-1)));
  if (!main || main.cents === 0) return undefined;
  const others = figures.filter((figure) => figure !== main);
  const isEach = stretch.has('each') || stretch.all('money').some((sum) => sum.isEach);
  const count = isEach
    ? (stretch.all('amount')[0]?.value ??
      (others[0] ? others[0].cents / minorUnits(stretch.context.currency) : 1))
    : 1;
  const refund =
    stretch.has('refunded') ||
    stretch.tokens.some(
      ({ word }, at, all) => word === 'back' && /^(?:got|money)$/.test(all[at - 1]?.word ?? ''),
    ) ||
    endsWithBack(stretch);
  const onTop = stretch.has('on-top') && others.length === 1 ? (others[0]?.cents ?? 0) : 0;
  const amount = cents(Math.round(main.cents * count) + onTop);
  const total = refund && amount > 0 ? cents(-amount) : amount;
  const { name, used } = vendorIn(stretch);
  const { all } = placesSaid(stretch);
  const parts = others.filter(({ isMoney }) => !isEach || isMoney);
  const one: PlaceId | null = all[0] ?? memory.place;
  const shares = sharesOf(stretch, total, parts) ?? [{ placeId: one, cents: total }];
  const taken = new Set(used);
  const what = thingIn(
    stretch,
    ['spent', 'refunded', 'agreed', 'each', 'fits', 'ahead', 'done', 'on-top'],
    taken,
  );
  // "Joiner Street" is a shop and no joiner; "the joiner" is.
  const isProper = name !== null && /^\p{Lu}/u.test(name);
  const words = stretch.tokens
    .filter((_, at) => !isProper || !used.has(stretch.at + at))
    .map(({ word }) => word);
  // The hours of a trade are what was paid for.
  const time = stretch.all('duration')[0];
  const hours = time
    ? ` (${stretch.line.text.slice(stretch.line.tokens[time.at]?.from ?? 0, stretch.line.tokens[time.to - 1]?.to ?? 0)})`
    : '';
  const own = stretch.context.kinds;
  const spend = spendKindOf(words, own);
  const title = own.find(({ id }) => id === spend)?.title.toLowerCase() ?? spend;
  const extra = words.some((word) =>
    /^(?:extra|unplanned|unexpected|unforeseen|contingency)$/.test(word),
  );
  return {
    kind: 'money',
    what: `${what || name || title}${hours}`,
    spend,
    shares,
    shop: name,
    drawsOn: extra || memory.afterFind ? 'contingency' : 'budget',
    ...(stretch.has('agreed') && !words.some((word) => /^(?:paid|deposit)$/.test(word))
      ? { committed: true as const }
      : {}),
  };
}

/** "26 pounds back". */
const endsWithBack = (stretch: Phrase): boolean => {
  const words = stretch.tokens.filter(({ kind }) => kind === 'word');
  return words.at(-1)?.word === 'back' && stretch.all('money').length > 0;
};

/** The quote a phrase tells; undefined where it tells none. */
export const quotedIn = (stretch: Phrase, memory: Memory): EntryOf<'quote'> | undefined => {
  const figures = figuresIn(stretch);
  const main = figures.find(({ isMoney }) => isMoney) ?? figures[0];
  if (!main || main.cents <= 0) return undefined;
  const { name, used } = vendorIn(stretch);
  return {
    kind: 'quote',
    cents: main.cents,
    what: thingIn(stretch, ['quoted', 'thought', 'each', 'spent'], used) || name || 'quote',
    from: name,
    placeId: placesSaid(stretch).all[0] ?? memory.place,
  };
};
