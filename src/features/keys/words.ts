import type { Forecast, GateSummary, PlannedJob } from '@/core/planning/report';
import { inSentence } from '@/features/job';
import {
  formatDate,
  formatElapsed,
  formatMinutes,
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
