import type { PlaceId } from '../../house';
import type { LogContext } from './context';
import { plainDate } from '../../units';
import { itemsOf } from './items';
import { Phrase, lineOf } from './line';
import { tokensOf } from '../../language/tokens';

/** The rooms a text names, in its order. */
export function placesIn(text: string, context: LogContext): PlaceId[] {
  const { marks } = lineOf(text, context);
  return [
    ...new Set(
      marks.flatMap((mark) => (mark.is === 'place' && mark.ids.length === 1 ? mark.ids : [])),
    ),
  ];
}

/** The words of a text that name no room. */
export function withoutPlaces(text: string, context: LogContext): string {
  const line = lineOf(text, context);
  const stretch = new Phrase(line, 0, line.tokens.length);
  const taken = new Set<number>();
  for (const mark of stretch.marked('place'))
    for (let at = mark.at; at < mark.to; at += 1) taken.add(at);
  return line.tokens
    .filter((token, at) => token.kind !== 'sign' && !taken.has(at))
    .map((token) => token.text)
    .join(' ');
}

/** A size a text names, as it was said; null where it names none. */
export function sizeIn(text: string): string | null {
  const tokens = tokensOf(text);
  // Which day it is and how numbers are written changes no size.
  const size = itemsOf(tokens, {
    today: plainDate('2026-01-01'),
    dateOrder: 'month-first',
    numberStyle: 'point',
    units: 'imperial',
    currency: 'USD',
  }).find(({ is }) => is === 'size');
  if (!size) return null;
  return text.slice(tokens[size.at]?.from ?? 0, tokens[size.to - 1]?.to ?? 0);
}
