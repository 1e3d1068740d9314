import { addCents, cents, splitCents, type Cents, type PlainDate } from '../units';
import type { EntryOf } from './entries';
import type { Receipt } from './money';
import type { PlaceId } from './place';
import type { Project } from './project';
import { toldOf } from './told';

type Share = { placeId: PlaceId | null; cents: Cents };

/** One thing that was paid for: a line of a receipt, or a sum of the log. */
export type Purchase = {
  id: string;
  on: PlainDate;
  what: string;
  shop: string | null;
  /** One of our kinds of spending, or the id of an own one. */
  kind: string;
  /** With its part of the tax; below nought for what came back. */
  cents: Cents;
  /** By room; they add up to the sum. */
  shares: readonly Share[];
  drawsOn: 'budget' | 'contingency';
  /** Agreed, and not paid yet. */
  isAgreed: boolean;
  /** A part of what is agreed. */
  isDeposit: boolean;
  /** Lines of the plan it pays for, as told; null where nobody said. */
  covers: readonly string[] | null;
  /** Nothing more is to be paid for them; null where nobody said. */
  isWhole: boolean | null;
  receiptId: string | null;
};

type House = Pick<Project, 'days' | 'receipts' | 'matches'>;

const sumOf = (entry: EntryOf<'money'>): Cents =>
  addCents(entry.shares.map((share) => share.cents));

/** The sums of a receipt's lines with the tax on them: they add up to the paper to the cent. */
export function receiptLines({
  is,
  lines,
  taxCents,
}: Pick<Receipt, 'is' | 'lines' | 'taxCents'>): Cents[] {
  const sign = is === 'refund' ? -1 : 1;
  const tax = splitCents(
    taxCents,
    lines.map((line) => Math.abs(line.cents)),
  );
  return lines.map((line, at) => cents(sign * (line.cents + (tax[at] ?? 0))));
}

/** What a receipt comes to with its tax; below nought for money back. */
export const receiptTotal = (receipt: Pick<Receipt, 'is' | 'lines' | 'taxCents'>): Cents =>
  addCents(receiptLines(receipt));

function purchasesOfReceipt(receipt: Receipt): Purchase[] {
  const sums = receiptLines(receipt);
  return receipt.lines.map((line, at) => {
    const total = sums[at] ?? cents(0);
    const parts = splitCents(
      total,
      line.rooms.map(({ weight }) => weight),
    );
    const shares = line.rooms.map(({ placeId }, nth) => ({
      placeId,
      cents: parts[nth] ?? cents(0),
    }));
    return {
      id: `${receipt.id}:${at}`,
      on: receipt.on,
      what: line.what,
      shop: receipt.shop,
      kind: line.kind,
      cents: total,
      shares: shares.length > 0 ? shares : [{ placeId: null, cents: total }],
      drawsOn: receipt.drawsOn,
      isAgreed: false,
      isDeposit: receipt.is === 'deposit',
      covers: line.covers ?? null,
      isWhole: null,
      receiptId: receipt.id,
    };
  });
}

/** Every purchase of the log and of receipts, oldest first; worked out once for each state of the house. */
export function purchasesOf(house: House): readonly Purchase[] {
  const known = byDays.get(house.days);
  if (known?.receipts === house.receipts && known.matches === house.matches) return known.all;
  const told = toldOf(house, 'money').map(({ id, date, entry }): Purchase => ({
    id,
    on: date,
    what: entry.what,
    shop: entry.shop,
    kind: entry.spend,
    cents: sumOf(entry),
    shares: entry.shares,
    drawsOn: entry.drawsOn,
    isAgreed: entry.committed === true,
    isDeposit: false,
    covers: null,
    isWhole: null,
    receiptId: null,
  }));
  const all = [...told, ...Object.values(house.receipts).flatMap(purchasesOfReceipt)]
    .map((purchase) => {
      const match = house.matches[purchase.id];
      return match ? { ...purchase, covers: match.covers, isWhole: match.whole } : purchase;
    })
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  byDays.set(house.days, { receipts: house.receipts, matches: house.matches, all });
  return all;
}
type Known = Pick<House, 'receipts' | 'matches'> & { all: readonly Purchase[] };
const byDays = new WeakMap<Project['days'], Known>();

/** A purchase as the plan sees it. */
export type PaidFor = {
  id: string;
  on: PlainDate;
  what: string;
  shop: string | null;
  kind: string;
  cents: Cents;
  placeIds: readonly (PlaceId | null)[];
  isAgreed: boolean;
  isDeposit: boolean;
  covers: readonly string[] | null;
  isWhole: boolean | null;
};

/** Purchases as the plan sees them. */
export const paidFor = (house: House): Record<string, PaidFor> =>
  Object.fromEntries(
    purchasesOf(house).map(
      ({ id, on, what, shop, kind, cents: sum, shares, isAgreed, isDeposit, covers, isWhole }) => [
        id,
        {
          id,
          on,
          what,
          shop,
          kind,
          cents: sum,
          placeIds: shares.map(({ placeId }) => placeId),
          isAgreed,
          isDeposit,
          covers,
          isWhole,
        },
      ],
    ),
  );
