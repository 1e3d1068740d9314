import {
  daysInOrder,
  quotesOf,
  toldOf,
  type EntryOf,
  type LogId,
  type PlaceId,
  type Project,
  type SpendKind,
} from '../house';
import { spendKindSchema } from '../house';
import { addCents, cents, mondayOf, type Cents, type PlainDate } from '../units';

/** One receipt's share in one place: the smallest line money is counted in. */
export type Payment = {
  logId: LogId;
  date: PlainDate;
  what: string;
  shop: string | null;
  spend: SpendKind;
  placeId: PlaceId | null;
  cents: Cents;
  drawsOn: EntryOf<'money'>['drawsOn'];
};

/** Every share of every receipt in the log, oldest first. */
export function paymentsOf(project: Pick<Project, 'days'>): Payment[] {
  return daysInOrder(project).flatMap((day) =>
    day.entries.flatMap((entry) =>
      entry.kind !== 'money' || entry.committed
        ? []
        : entry.shares.map((share) => ({
            logId: day.id,
            date: day.date,
            what: entry.what,
            shop: entry.shop,
            spend: entry.spend,
            placeId: share.placeId,
            cents: share.cents,
            drawsOn: entry.drawsOn,
          })),
    ),
  );
}

const sum = (payments: readonly Payment[]): Cents => addCents(payments.map((paid) => paid.cents));

export type Ledger = {
  /** Net of refunds, budget and contingency together. */
  paid: Cents;
  paidFromBudget: Cents;
  drawnFromContingency: Cents;
  /** Places with money spent on them, dearest first; null is the house as a whole. */
  byPlace: { placeId: PlaceId | null; cents: Cents }[];
  byKind: { kind: SpendKind; cents: Cents }[];
  /** Paid up to and including each week, oldest first; at most sixty of them, evenly chosen. */
  byWeek: { monday: PlainDate; total: Cents }[];
  /** What the plan still has to buy and hire, at starting guesses. */
  toCome: Cents;
  /** Chance × cost of every suspicion not yet settled. */
  risksExpected: Cents;
  /** Paid plus to come plus what suspicions may cost on average. */
  forecast: Cents;
  budget: {
    total: Cents;
    left: Cents;
    contingency: Cents;
    contingencyLeft: Cents;
    /** Budget less what is paid from it and what is to come: below nought it will not last. */
    afterAll: Cents;
  } | null;
  quotes: { id: string; what: string; from: string; cents: Cents; placeId: PlaceId | null }[];
  quotesTotal: Cents;
  /** Agreed with somebody and not paid yet. */
  committed: Cents;
};

function groupedBy<K>(payments: readonly Payment[], key: (payment: Payment) => K): Map<K, Cents> {
  const groups = new Map<K, Cents>();
  for (const payment of payments) {
    const at = key(payment);
    groups.set(at, cents((groups.get(at) ?? 0) + payment.cents));
  }
  return groups;
}

/** More points than these nobody can tell apart on a chart. */
const MOST_WEEKS = 60;

/** Sums paid so far, by week; over many years every second, third … week with spending, the last one always. */
function runningWeeks(payments: readonly Payment[]): Ledger['byWeek'] {
  const weeks = groupedBy(payments, ({ date }) => mondayOf(date));
  const step = Math.ceil(weeks.size / MOST_WEEKS);
  let total = 0;
  return [...weeks]
    .map(([monday, spent]) => {
      total += spent;
      return { monday, total: cents(total) };
    })
    .filter((_, at) => (weeks.size - 1 - at) % step === 0);
}

type Paid = Pick<
  Ledger,
  'paid' | 'paidFromBudget' | 'drawnFromContingency' | 'byPlace' | 'byKind' | 'byWeek'
>;

/** What was paid, in every view of it; worked out once for each state of the diary, however often plans change. */
function paidIn(project: Pick<Project, 'days'>): Paid {
  const known = paidByDays.get(project.days);
  if (known) return known;
  const payments = paymentsOf(project);
  const paid = sum(payments);
  const drawn = sum(payments.filter(({ drawsOn }) => drawsOn === 'contingency'));
  const kinds = groupedBy(payments, ({ spend }) => spend);
  const found: Paid = {
    paid,
    paidFromBudget: cents(paid - drawn),
    drawnFromContingency: drawn,
    byPlace: [...groupedBy(payments, ({ placeId }) => placeId)]
      .map(([placeId, total]) => ({ placeId, cents: total }))
      .sort((a, b) => b.cents - a.cents),
    byKind: spendKindSchema.options
      .filter((kind) => kinds.has(kind))
      .map((kind) => ({ kind, cents: kinds.get(kind) ?? cents(0) })),
    byWeek: runningWeeks(payments),
  };
  paidByDays.set(project.days, found);
  return found;
}
const paidByDays = new WeakMap<Project['days'], Paid>();

/** What was agreed, less what was paid to the same since: never below nought. */
function committedIn(project: Pick<Project, 'days'>): Cents {
  const open = new Map<string, number>();
  const key = (entry: EntryOf<'money'>) => (entry.shop ?? entry.what).toLowerCase();
  for (const { entry } of toldOf(project, 'money')) {
    const sum = addCents(entry.shares.map((share) => share.cents));
    const known = open.get(key(entry));
    if (entry.committed) open.set(key(entry), (known ?? 0) + sum);
    else if (known !== undefined) open.set(key(entry), Math.max(0, known - sum));
  }
  return addCents([...open.values()].map(cents));
}

/** Where the money went and whether it lasts. `toCome` is what the plan says is still to be bought. */
export function keepLedger(
  project: Project,
  toCome: Cents,
  risksExpected: Cents = cents(0),
): Ledger {
  const known = paidIn(project);
  const { paid, paidFromBudget, drawnFromContingency } = known;
  const quotes = quotesOf(project);
  return {
    ...known,
    toCome,
    risksExpected,
    forecast: cents(paid + toCome + risksExpected),
    budget: project.budget && {
      total: project.budget.total,
      left: cents(project.budget.total - paidFromBudget),
      contingency: project.budget.contingency,
      contingencyLeft: cents(project.budget.contingency - drawnFromContingency),
      afterAll: cents(project.budget.total - paidFromBudget - toCome),
    },
    quotes,
    committed: committedIn(project),
    quotesTotal: addCents(quotes.map((quote) => quote.cents)),
  };
}
