import {
  quotesOf,
  spendKindSchema,
  type LogId,
  type PlaceId,
  type Project,
  type Quote,
  purchasesOf,
  type Purchase,
} from '../house';
import { type CostLine, type Cover, openCents } from '../estimating/job-costs/cost-line';
import { addCents, addDays, cents, mondayOf, type Cents, type PlainDate } from '../units';

/** One purchase's share in one place: the smallest line money is counted in. */
export type Payment = {
  purchaseId: string;
  /** The line of the log, or the receipt, it stands in. */
  logId: LogId | null;
  receiptId: string | null;
  date: PlainDate;
  what: string;
  shop: string | null;
  spend: string;
  placeId: PlaceId | null;
  cents: Cents;
  drawsOn: Purchase['drawsOn'];
};

type Diary = Pick<Project, 'days' | 'receipts' | 'matches'>;

/** Every share of every purchase, oldest first. What is only agreed is none. */
export function paymentsOf(project: Diary): Payment[] {
  return purchasesOf(project).flatMap((purchase) =>
    purchase.isAgreed
      ? []
      : purchase.shares.map((share) => ({
          purchaseId: purchase.id,
          logId: purchase.receiptId === null ? (purchase.id.split(':')[0] as LogId) : null,
          receiptId: purchase.receiptId,
          date: purchase.on,
          what: purchase.what,
          shop: purchase.shop,
          spend: purchase.kind,
          placeId: share.placeId,
          cents: share.cents,
          drawsOn: purchase.drawsOn,
        })),
  );
}

const sum = (payments: readonly Payment[]): Cents => addCents(payments.map((paid) => paid.cents));

/** A part of the budget that was given to a room or a kind, and how it stands. */
export type Allotted = { key: string; planned: Cents; paid: Cents; left: Cents };

export type Ledger = {
  /** Net of refunds, budget and contingency together. */
  paid: Cents;
  paidFromBudget: Cents;
  drawnFromContingency: Cents;
  /** Places with money spent on them, dearest first; null is the house as a whole. */
  byPlace: { placeId: PlaceId | null; cents: Cents }[];
  byKind: { kind: string; cents: Cents }[];
  /** Paid up to and including each week, oldest first, weeks without spending too; at most sixty, evenly chosen. */
  byWeek: { monday: PlainDate; total: Cents }[];
  /** Ordered or agreed, and not paid yet. */
  committed: Cents;
  /** What the plan still has to buy and hire, at guesses. */
  toCome: Cents;
  /** Chance × cost of every suspicion not yet settled. */
  risksExpected: Cents;
  /** Paid plus committed plus to come plus what suspicions may cost on average. */
  forecast: Cents;
  budget: {
    total: Cents;
    left: Cents;
    contingency: Cents;
    contingencyLeft: Cents;
    /** Still to be paid for change orders that draw on it. */
    contingencySpokenFor: Cents;
    /** Budget less what is paid from it, committed and to come: below nought it will not last. */
    afterAll: Cents;
    byPlace: Allotted[];
    byKind: Allotted[];
    /** Of the whole budget, what no room has; and what no kind has. */
    unassigned: { byPlace: Cents; byKind: Cents };
  } | null;
  quotes: Quote[];
  quotesTotal: Cents;
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
const DAYS_OF_WEEK = 7;

/** Sums paid so far at the end of every week from the first with spending to the last; over years every nth, the last always. */
function runningWeeks(payments: readonly Payment[]): Ledger['byWeek'] {
  const spent = groupedBy(payments, ({ date }) => mondayOf(date));
  const mondays = [...spent.keys()].sort();
  const [first, last] = [mondays[0], mondays.at(-1)];
  if (first === undefined || last === undefined) return [];
  const weeks: Ledger['byWeek'] = [];
  let total = 0;
  for (let monday = first; monday <= last; monday = addDays(monday, DAYS_OF_WEEK)) {
    total += spent.get(monday) ?? 0;
    weeks.push({ monday, total: cents(total) });
  }
  const step = Math.ceil(weeks.length / MOST_WEEKS);
  return weeks.filter((_, at) => (weeks.length - 1 - at) % step === 0);
}

type Paid = Pick<
  Ledger,
  'paid' | 'paidFromBudget' | 'drawnFromContingency' | 'byPlace' | 'byKind' | 'byWeek'
> & { fromBudget: { byPlace: Map<PlaceId | null, Cents>; byKind: Map<string, Cents> } };

/** What was paid, in every view of it; worked out once for each state of the purchases, however often plans change. */
function paidIn(project: Diary): Paid {
  const purchases = purchasesOf(project);
  const known = paidByPurchases.get(purchases);
  if (known) return known;
  const payments = paymentsOf(project);
  const paid = sum(payments);
  const drawn = sum(payments.filter(({ drawsOn }) => drawsOn === 'contingency'));
  const kinds = groupedBy(payments, ({ spend }) => spend);
  const own = [...kinds.keys()].filter((kind) => !spendKindSchema.safeParse(kind).success);
  const fromBudget = payments.filter(({ drawsOn }) => drawsOn === 'budget');
  const found: Paid = {
    paid,
    paidFromBudget: cents(paid - drawn),
    drawnFromContingency: drawn,
    byPlace: [...groupedBy(payments, ({ placeId }) => placeId)]
      .map(([placeId, total]) => ({ placeId, cents: total }))
      .sort((a, b) => b.cents - a.cents),
    byKind: [...spendKindSchema.options, ...own]
      .filter((kind) => kinds.has(kind))
      .map((kind) => ({ kind, cents: kinds.get(kind) ?? cents(0) })),
    byWeek: runningWeeks(payments),
    fromBudget: {
      byPlace: groupedBy(fromBudget, ({ placeId }) => placeId),
      byKind: groupedBy(fromBudget, ({ spend }) => spend),
    },
  };
  paidByPurchases.set(purchases, found);
  return found;
}
const paidByPurchases = new WeakMap<readonly Purchase[], Paid>();

const allotted = (
  parts: Readonly<Record<string, Cents>> | undefined,
  paid: ReadonlyMap<string | null, Cents>,
): Allotted[] =>
  Object.entries(parts ?? {}).map(([key, planned]) => {
    const spent = paid.get(key) ?? cents(0);
    return { key, planned, paid: spent, left: cents(planned - spent) };
  });

function budgetIn(
  project: Project,
  { paidFromBudget, drawnFromContingency, fromBudget }: Paid,
  lines: readonly CostLine[],
): Ledger['budget'] {
  const { budget } = project;
  if (!budget) return null;
  const spokenFor = openForChanges(project, lines);
  const { committed, toCome } = openCents(lines);
  const stillToPay = committed + toCome - spokenFor;
  const byPlace = allotted(budget.byPlace, fromBudget.byPlace);
  const byKind = allotted(budget.byKind, fromBudget.byKind);
  const rest = (parts: readonly Allotted[]) =>
    cents(budget.total - parts.reduce((total, { planned }) => total + planned, 0));
  return {
    total: budget.total,
    left: cents(budget.total - paidFromBudget),
    contingency: budget.contingency,
    contingencyLeft: cents(budget.contingency - drawnFromContingency),
    contingencySpokenFor: spokenFor,
    afterAll: cents(budget.total - paidFromBudget - stillToPay),
    byPlace,
    byKind,
    unassigned: { byPlace: rest(byPlace), byKind: rest(byKind) },
  };
}

/** What change orders that draw on the contingency still have to pay: their own money and their jobs'. */
function openForChanges(project: Project, lines: readonly CostLine[]): Cents {
  const drawing = new Set(
    Object.values(project.changes).flatMap(({ id, drawsOn }) =>
      drawsOn === 'contingency' ? [id] : [],
    ),
  );
  const isTheirs = ({ id, jobId }: CostLine): boolean =>
    drawing.has(id.replace(/^change\//, '')) ||
    (jobId !== null && drawing.has(project.ownJobs[jobId]?.changeId ?? ''));
  return addCents(lines.filter(isTheirs).map(({ open }) => open));
}

type Costs = { lines: readonly CostLine[]; covers: readonly Cover[] };
const NO_COSTS: Costs = { lines: [], covers: [] };

/** Where the money went and whether it lasts. `costs` are the plan's; without a plan nothing is known of what comes. */
export function keepLedger(
  project: Project,
  costs: Costs = NO_COSTS,
  risksExpected: Cents = cents(0),
): Ledger {
  const { fromBudget: _rest, ...known } = paidIn(project);
  const { committed, toCome } = openCents(costs.lines);
  const quotes = quotesOf(project);
  return {
    ...known,
    committed,
    toCome,
    risksExpected,
    forecast: cents(known.paid + committed + toCome + risksExpected),
    budget: budgetIn(project, paidIn(project), costs.lines),
    quotes,
    quotesTotal: addCents(quotes.map((quote) => quote.cents)),
  };
}
