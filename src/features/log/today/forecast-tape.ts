import type { Forecast } from '@/core/planning/report';
import { formatDate, formatDayMonth, monthScale, positionOn, type PlainDate } from '@/core/units';
import type { TapeMark, TapeTick } from '@/ui';

type Gate = keyof Forecast['gates'];

/** The tape for one gate: from today past the safe date, with the wish. Null when the gate is passed. */
export function forecastTape(
  forecast: Forecast,
  gate: Gate,
  today: PlainDate,
  wish: PlainDate | null,
): { ticks: TapeTick[]; marks: TapeMark[]; spoken: string } | null {
  const { likely, fairlySafe } = forecast.gates[gate];
  if (likely === null || fairlySafe === null) return null;
  const { scale, ticks } = monthScale([today, likely, fairlySafe, ...(wish ? [wish] : [])]);
  const marks: TapeMark[] = [
    { kind: 'today', at: positionOn(scale, today) },
    { kind: 'likely', at: positionOn(scale, likely) },
    { kind: 'safe', at: positionOn(scale, fairlySafe) },
    ...(wish
      ? [
          {
            kind: 'wish' as const,
            at: positionOn(scale, wish),
            label: `wished ${formatDayMonth(wish)}`,
          },
        ]
      : []),
  ];
  const wished = wish ? `, wished ${formatDate(wish, today)}` : '';
  return {
    ticks,
    marks,
    spoken: `Likely ${formatDate(likely, today)}, fairly safe ${formatDate(fairlySafe, today)}${wished}`,
  };
}

/** What "likely" and "fairly safe" are made of. */
export const doubtWords = ({ runs }: Forecast): string =>
  `Out of ${runs} ways it may go from here, with work that runs over, evenings that come to nothing, rain, slow drying, late trades and deliveries, failed visits and finds: half are through by the likely day, eight in ten by the safe one.`;
