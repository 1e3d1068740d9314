import { GATE_NAMES, sayWhy, type Why } from '@/core/planning/explanation';
import { isAtRest, type OutsideRest, type Phase } from '@/core/house';
import type { Forecast, GateSummary, PhaseState, Plan, PlannedJob } from '@/core/planning/report';
import { mayWait } from '@/core/planning/report/way';
import type { Fit } from '@/core/planning/scenarios/fit/schema';
import { inSentence } from '@/features/job';
import {
  cents,
  countWords,
  formatDate,
  formatElapsed,
  formatMinutes,
  minutes,
  type Currency,
  type PlainDate,
  formatAbout,
  formatPaid,
} from '@/core/units';

export type GateId = GateSummary['gate'];

export const GATE_ASKS: Record<GateId, string> = {
  sleep: 'Safe to spend a night in.',
  live: 'Everything in “Sleep here”, and a day’s life: wash, cook, launder.',
  done: 'Everything before, and nothing left to remember.',
};

/** "likely Sun 26 Apr, fairly safe Sun 10 May". */
export function gateDateWords(forecast: Forecast, gate: GateId, today: PlainDate): string {
  const { likely, fairlySafe } = forecast.gates[gate];
  if (likely === null || fairlySafe === null) return 'nothing left to do';
  return `likely ${formatDate(likely, today)}, fairly safe ${formatDate(fairlySafe, today)}`;
}

/** Own hours, waiting in the longest chain, money still to be spent. */
export function gateLoadWords(summary: GateSummary, currency: Currency): string {
  const hours = `${formatMinutes(summary.minutesLeft)} of yours`;
  const waits =
    summary.chainWaitMinutes > 0 ? `, ${formatElapsed(summary.chainWaitMinutes)} of waiting` : '';
  const money =
    summary.moneyLeft > 0 ? `, about ${formatAbout(summary.moneyLeft, currency)} to pay` : '';
  return `${hours}${waits}${money}.`;
}

const SHOWN = 4;

/** "stair rail → alarms → rough electric": the chain that decides the date. */
export function chainWords(chain: readonly PlannedJob[]): string {
  const names = chain.slice(0, SHOWN).map(({ title }) => inSentence(title));
  const more = chain.length > SHOWN ? ` → ${chain.length - SHOWN} more` : '';
  return `Longest way: ${names.join(' → ')}${more}.`;
}

/** "“Live here” is likely by Sun 24 May, fairly safe by Wed 3 Jun, with these 2 together." */
export function fitWords({ gate, fits, ways, before, after }: Fit, today: PlainDate): string {
  const { likely, fairlySafe } = after;
  const name = `“${GATE_NAMES[gate]}”`;
  if (likely === null || fairlySafe === null) return `Nothing is left before ${name}.`;
  const days = `likely by ${formatDate(likely, today)}, fairly safe by ${formatDate(fairlySafe, today)}`;
  if (ways.length === 0) {
    return fits
      ? `${name} is ${days} as it stands.`
      : `Nothing that was tried brings ${name} nearer: it is ${days}.`;
  }
  const together = ways.length === 1 ? 'with this' : `with these ${ways.length} together`;
  return fits || likely === before.likely
    ? `${name} is ${days}, ${together}.`
    : `Not by then. ${name} is ${days} at the nearest that was found, ${together}.`;
}

/** What a set costs in money and in one's own hours. */
export function fitSumWords({ centsMore, minutesMore }: Fit, currency: Currency): string {
  const sum = formatAbout(cents(Math.abs(centsMore)), currency);
  const money =
    centsMore === 0
      ? 'No more money'
      : `About ${sum} ${centsMore > 0 ? 'more' : 'less'} to the end`;
  const length = formatMinutes(minutes(Math.abs(minutesMore)));
  const hours =
    minutesMore === 0
      ? 'as many hours of yours'
      : `${length} ${minutesMore > 0 ? 'more' : 'less'} of yours`;
  return `${money}, ${hours}.`;
}

type Ends = Forecast['ends'][number];

/** "2 rooms and 1 job · by Sun 14 Jun · before “Live here”". */
export function phaseWords(
  { by, before, placeIds, jobIds }: Phase,
  state: PhaseState | undefined,
  today: PlainDate,
): string {
  const rooms = placeIds.length === 0 ? [] : [countWords(placeIds.length, 'room')];
  const jobs = jobIds.length === 0 ? [] : [countWords(jobIds.length, 'job')];
  const day = by === null ? [] : [`by ${formatDate(by, today)}`];
  const gate = before === null ? [] : [`before “${GATE_NAMES[before]}”`];
  const hours =
    state && state.jobsLeft > 0 ? [`${formatMinutes(state.minutesLeft)} of yours left`] : [];
  return [[...rooms, ...jobs].join(' and '), ...day, ...gate, ...hours].join(' · ');
}

/** "Likely Sun 24 May, fairly safe Wed 3 Jun: 4 days after its end." */
export function phaseDateWords(
  date: Plan['demands'][number] | undefined,
  end: Ends | undefined,
  today: PlainDate,
): string {
  const likely = end
    ? `Likely ${formatDate(end.likely, today)}, fairly safe ${formatDate(end.fairlySafe, today)}`
    : 'Its day is not known yet';
  if (!date) return `${likely}.`;
  return date.daysLate > 0
    ? `${likely}; as planned ${countWords(date.daysLate, 'day')} after its end.`
    : `${likely}; as planned in time.`;
}

/** "Paid $1,200, agreed $300, about $2,000 to come: about $500 over its budget of $3,000." */
export function phaseMoneyWords(
  { cents: budget }: Pick<Phase, 'cents'>,
  { paid, committed, toCome }: Pick<PhaseState, 'paid' | 'committed' | 'toCome'>,
  currency: Currency,
): string {
  const is = `Paid ${formatPaid(paid, currency)}, agreed ${formatPaid(committed, currency)}, about ${formatAbout(toCome, currency)} to come`;
  if (budget === null) return `${is}.`;
  const over = paid + committed + toCome - budget;
  const rest = `about ${formatAbout(cents(Math.abs(over)), currency)} ${over > 0 ? 'over' : 'left of'}`;
  return `${is}: ${rest} its budget of ${formatPaid(budget, currency)}.`;
}

/** "As planned 3 days later than before your last change: “Hang board” goes at 1.2 of the guess now." */
export function movedWords(
  { days, whys }: { days: number; whys: readonly Why[] },
  plan: Plan,
): string {
  const by = `As planned ${countWords(Math.abs(days), 'day')} ${days > 0 ? 'later' : 'sooner'} than before your last change`;
  return [`${by}.`, ...whys.map((why) => sayWhy(why, plan))].join(' ');
}

/** What asks for more in one season than in another. */
const OF_SEASON = 'heat';

/**
 * Of a condition that depends on the season, whether the planned day of its gate lies in the cold one: as far as the
 * house's rest from outside work tells when that is. Null for the others.
 */
export function seasonWords(
  conditionId: string,
  rest: OutsideRest | null,
  plan: Pick<Plan, 'gates'>,
): string | null {
  if (conditionId !== OF_SEASON) return null;
  const day = plan.gates.sleep.date;
  if (rest === null) {
    return 'When it gets cold here is not known: say under Settings when outside work rests.';
  }
  if (day === null) return null;
  return isAtRest(rest, day)
    ? 'As planned you sleep here in the cold season: it has to be warm by then.'
    : 'As planned you sleep here outside the cold season. What heats may follow, and must be there before it.';
}

/** "14 jobs may wait until you live here: about 20 h of yours." */
export function mayWaitWords(plan: Plan): string {
  const jobs = mayWait(plan);
  if (jobs.length === 0) return 'Nothing may wait until after.';
  const hours = minutes(jobs.reduce((sum, { left }) => sum + left, 0));
  return `${countWords(jobs.length, 'job')} may wait until you live here, ${formatMinutes(hours)} of yours.`;
}
