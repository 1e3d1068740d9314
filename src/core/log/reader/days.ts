import { addDays, plainDate, plainDateSchema, weekdayOf, type PlainDate } from '../../units';
import type { DateOrder, NumberStyle } from '../../house/ways';
import { numberAt } from './numbers';
import type { Token } from '../../language/tokens';

/** A day as said. Where the words leave it open, one reading lies behind today and one ahead. */
export type SaidDay = {
  to: number;
  past: PlainDate;
  ahead: PlainDate;
  /** What the words themselves say: "ago", "tomorrow"; null for a weekday or a day of the month. */
  tells: 'past' | 'ahead' | null;
  /** Other days the words may mean: the Sunday of "last weekend". */
  or?: readonly PlainDate[];
};

const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const WEEKDAY =
  /^(?:mon|tue|tues|wed|weds|thu|thur|thurs|fri|sat|sun)$|^(?:mon|tues|wednes|thurs|fri|satur|sun)days?$/;
const MONTH =
  /^(?:jan|feb|mar|apr|may|jun|jul|aug|sept?|oct|nov|dec)$|^(?:january|february|march|april|june|july|august|september|october|november|december)$/;
/** Words that name a day only where nothing else can be meant. */
const ALSO_WORDS = new Set(['sun', 'sat', 'wed']);

const word = (tokens: readonly Token[], at: number): string => tokens[at]?.word ?? '';

const dateIn = (year: number, month: number, day: number): PlainDate | undefined => {
  const text = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  return plainDateSchema.safeParse(text).success ? plainDate(text) : undefined;
};

/** A day of a month whose year is left open: the last such day, and the next. */
function yearly(month: number, day: number, today: PlainDate, to: number): SaidDay | undefined {
  const year = Number(today.slice(0, 4));
  const dates = [year - 1, year, year + 1, year + 4].flatMap(
    (one) => dateIn(one, month, day) ?? [],
  );
  const past = dates.findLast((date) => date <= today) ?? dates[0];
  const ahead = dates.find((date) => date >= today) ?? dates.at(-1);
  return past && ahead ? { to, past, ahead, tells: null } : undefined;
}

function monthly(day: number, today: PlainDate, to: number): SaidDay | undefined {
  if (day < 1 || day > 31) return undefined;
  const [year, month] = [Number(today.slice(0, 4)), Number(today.slice(5, 7))];
  const near = [-2, -1, 0, 1, 2].flatMap((step) => {
    const at = year * 12 + month - 1 + step;
    return dateIn(Math.floor(at / 12), (at % 12) + 1, day) ?? [];
  });
  const past = near.findLast((date) => date <= today);
  const ahead = near.find((date) => date >= today);
  return past && ahead ? { to, past, ahead, tells: null } : undefined;
}

const fixed = (date: PlainDate, to: number, today: PlainDate): SaidDay => ({
  to,
  past: date,
  ahead: date,
  tells: date > today ? 'ahead' : 'past',
});

function weekday(said: string, to: number, today: PlainDate): SaidDay {
  const wanted = WEEKDAYS.indexOf(said.slice(0, 3));
  const back = (weekdayOf(today) - wanted + 7) % 7;
  return { to, past: addDays(today, -back), ahead: addDays(today, 7 - back), tells: null };
}

const yearOf = (text: string): number | undefined =>
  /^\d{4}$/.test(text) ? Number(text) : /^\d{2}$/.test(text) ? 2000 + Number(text) : undefined;

/** `3/7`, `3/7/26`, `30.9.2026`, `7.9.`, `2026-09-30`. */
function written(
  tokens: readonly Token[],
  at: number,
  today: PlainDate,
  order: DateOrder,
): SaidDay | undefined {
  const token = tokens[at];
  if (token?.kind !== 'number') return undefined;
  const text = [0, 1, 2, 3, 4].reduce(
    (all, step) =>
      step === 0 || tokens[at + step]?.glued ? all + (tokens[at + step]?.text ?? '') : `${all} `,
    '',
  );
  const iso = /^(\d{4})-(\d{2})-(\d{2})(?!\d)/.exec(text);
  if (iso) {
    const date = dateIn(Number(iso[1]), Number(iso[2]), Number(iso[3]));
    return date && fixed(date, at + 5, today);
  }
  const stroke = /^(\d{1,2})\/(\d{1,2})(?:\/(\d{2}|\d{4}))?(?![\d/])/.exec(text);
  if (stroke) {
    const [, one = '', two = '', year] = stroke;
    const [day, month] =
      order === 'day-first' ? [Number(one), Number(two)] : [Number(two), Number(one)];
    if (year === undefined) return yearly(month, day, today, at + 3);
    const date = dateIn(yearOf(year) ?? 0, month, day);
    return date && fixed(date, at + 5, today);
  }
  const dotted = /^(\d{1,2})\.(\d{1,2})(?:\.(\d{4}|\d{2}))?$/.exec(token.text);
  const isClosed = tokens[at + 1]?.text === '.' && tokens[at + 1]?.glued;
  if (!dotted || (dotted[3] === undefined && !(isClosed && order === 'day-first')))
    return undefined;
  const [, day = '', month = '', year] = dotted;
  if (year === undefined) return yearly(Number(month), Number(day), today, at + 2);
  const date = dateIn(yearOf(year) ?? 0, Number(month), Number(day));
  return date && fixed(date, at + 1, today);
}

/** `9 March`, `March 9`, `the 9th of March 2026`, `the 9th`. */
function named(tokens: readonly Token[], from: number, today: PlainDate): SaidDay | undefined {
  let at = word(tokens, from) === 'the' ? from + 1 : from;
  if (MONTH.test(word(tokens, at)) && tokens[at + 1]?.kind === 'number') {
    const month = MONTHS.indexOf(word(tokens, at).slice(0, 3)) + 1;
    const day = Number(tokens[at + 1]?.text);
    const to = /^(?:st|nd|rd|th)$/.test(word(tokens, at + 2)) ? at + 3 : at + 2;
    return Number.isInteger(day) ? withYear(tokens, to, month, day, today) : undefined;
  }
  const day = Number(tokens[at]?.text);
  if (tokens[at]?.kind !== 'number' || !Number.isInteger(day)) return undefined;
  at += 1;
  const isOrdinal = /^(?:st|nd|rd|th)$/.test(word(tokens, at));
  if (isOrdinal || (tokens[at]?.text === '.' && MONTH.test(word(tokens, at + 1)))) at += 1;
  const of = word(tokens, at) === 'of' ? at + 1 : at;
  if (MONTH.test(word(tokens, of))) {
    const month = MONTHS.indexOf(word(tokens, of).slice(0, 3)) + 1;
    return withYear(tokens, of + 1, month, day, today);
  }
  return isOrdinal ? monthly(day, today, at) : undefined;
}

function withYear(
  tokens: readonly Token[],
  at: number,
  month: number,
  day: number,
  today: PlainDate,
): SaidDay | undefined {
  const year = tokens[at]?.text ?? '';
  const date = /^(?:19|20|21|22)\d{2}$/.test(year) ? dateIn(Number(year), month, day) : undefined;
  return date ? fixed(date, at + 1, today) : yearly(month, day, today, at);
}

/** `three weeks ago`, `2 days ago`, `in six weeks`, `within a week`. */
function counted(
  tokens: readonly Token[],
  from: number,
  today: PlainDate,
  style: NumberStyle,
): SaidDay | undefined {
  const isAhead = /^(?:in|within)$/.test(word(tokens, from));
  const at = isAhead ? from + 1 : from;
  const one = /^(?:a|an|one)$/.test(word(tokens, at)) ? { value: 1, to: at + 1 } : undefined;
  const number = one ?? numberAt(tokens, at, style);
  const unit = /^(day|week|month)s?$/.exec(number ? word(tokens, number.to) : '');
  if (!number || !unit || number.value > 5_000) return undefined;
  const isAgo = word(tokens, number.to + 1) === 'ago';
  if (isAgo === isAhead) return undefined;
  const days = Math.round(number.value * (unit[1] === 'day' ? 1 : unit[1] === 'week' ? 7 : 30));
  const date = addDays(today, isAgo ? -days : days);
  return {
    to: number.to + (isAgo ? 2 : 1),
    past: date,
    ahead: date,
    tells: isAgo ? 'past' : 'ahead',
  };
}

const RELATIVE: readonly (readonly [readonly string[], number, 'past' | 'ahead'])[] = [
  [['the', 'day', 'before', 'yesterday'], -2, 'past'],
  [['day', 'before', 'yesterday'], -2, 'past'],
  [['day', 'after', 'tomorrow'], 2, 'ahead'],
  [['yesterday', 'evening'], -1, 'past'],
  [['yesterday', 'morning'], -1, 'past'],
  [['last', 'night'], -1, 'past'],
  [['tomorrow', 'morning'], 1, 'ahead'],
  [['tomorrow', 'evening'], 1, 'ahead'],
  [['yesterday'], -1, 'past'],
  [['tomorrow'], 1, 'ahead'],
  [['this', 'morning'], 0, 'past'],
  [['this', 'afternoon'], 0, 'past'],
  [['this', 'evening'], 0, 'past'],
  [['today'], 0, 'past'],
  [['tonight'], 0, 'past'],
];

const PARTS_OF_DAY = /^(?:morning|afternoon|evening|night)$/;

/** "Last weekend", "this week": one of several days. */
function looseAt(tokens: readonly Token[], from: number, today: PlainDate): SaidDay | undefined {
  const at = /^(?:on|at|over)$/.test(word(tokens, from)) ? from + 1 : from;
  const [lead, unit] = [word(tokens, at), word(tokens, at + 1)];
  if (!/^(?:last|next|this|the)$/.test(lead) || !/^(?:weekend|week)$/.test(unit)) return undefined;
  const monday = addDays(today, -weekdayOf(today));
  if (lead === 'next') {
    const date = unit === 'week' ? addDays(monday, 7) : addDays(monday, 12);
    return { to: at + 2, past: date, ahead: date, tells: 'ahead' };
  }
  const start = unit === 'week' ? addDays(monday, lead === 'last' ? -7 : 0) : addDays(monday, -2);
  const isNow = unit === 'weekend' && weekdayOf(today) >= 5;
  const first = isNow && lead !== 'last' ? addDays(monday, 5) : start;
  const count = unit === 'week' ? 7 : 2;
  const days = Array.from({ length: count }, (_, step) => addDays(first, step)).filter(
    (day) => day <= today,
  );
  const [one, ...or] = days;
  return one ? { to: at + 2, past: one, ahead: one, tells: 'past', or } : undefined;
}

/** The day said at a token, with "on", "last" or "next" in front of it; undefined when none is. */
export function dayAt(
  tokens: readonly Token[],
  from: number,
  today: PlainDate,
  order: DateOrder,
  style: NumberStyle,
): SaidDay | undefined {
  for (const [words, step, tells] of RELATIVE) {
    if (!words.every((one, at) => word(tokens, from + at) === one)) continue;
    const date = addDays(today, step);
    return { to: from + words.length, past: date, ahead: date, tells };
  }
  const loose = looseAt(tokens, from, today);
  if (loose) return loose;
  const lead = word(tokens, from);
  const hasLead = /^(?:on|last|next|this|by|since|from|due)$/.test(lead);
  const at = hasLead ? from + 1 : from;
  const said = word(tokens, at);
  if (WEEKDAY.test(said)) {
    const isShortWord = ALSO_WORDS.has(said);
    const capital = /^\p{Lu}/u.test(tokens[at]?.text ?? '');
    if (isShortWord && !capital && !hasLead) return undefined;
    let day = weekday(said, at + 1, today);
    if (PARTS_OF_DAY.test(word(tokens, day.to))) day = { ...day, to: day.to + 1 };
    // "Wed 9 Mar", "Thursday the 12th": the date behind it is the same day, said more exactly.
    const comma = word(tokens, day.to) === ',' ? 1 : 0;
    const exact =
      named(tokens, day.to + comma, today) ?? written(tokens, day.to + comma, today, order);
    if (
      exact &&
      [exact.past, exact.ahead].some(
        (date) => weekdayOf(date) === WEEKDAYS.indexOf(said.slice(0, 3)),
      )
    ) {
      return exact;
    }
    if (lead === 'last') {
      const date = day.past === today ? addDays(today, -7) : day.past;
      return { ...day, past: date, ahead: date, tells: 'past' };
    }
    return lead === 'next' ? { ...day, past: day.ahead, tells: 'ahead' } : day;
  }
  const exact = named(tokens, at, today) ?? written(tokens, at, today, order);
  if (exact) return exact;
  return counted(tokens, from, today, style);
}
