import type { Forecast, GateSummary, PlannedJob } from '@/core/planning/report';
import type { Fit } from '@/core/planning/scenarios/fit/schema';
import { inSentence } from '@/features/job';
import {
  cents,
  formatDate,
  formatElapsed,
  formatMinutes,
  minutes,
  type Currency,
  type PlainDate,
  formatAbout,
} from '@/core/units';

export type GateId = GateSummary['gate'];

export const GATE_NAMES: Record<GateId, string> = {
  sleep: 'Sleep here',
  live: 'Live here',
  done: 'Call it done',
};

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
