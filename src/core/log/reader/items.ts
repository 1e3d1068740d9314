import { minorUnits, type Currency, type PlainDate } from '../../units';
import type { Conventions } from '../../house/ways';
import { dayAt, type SaidDay } from './days';
import { numberAt, spokenFraction, type SaidNumber } from './numbers';
import type { Token } from '../../language/tokens';
import { CONTAINERS, PIECES, measureUnit } from './words/units';
import { SOUNDS_LIKE } from '../../language/number-words';

/** A typed thing of the line; `at` is its first token, `to` the one behind its last. */
export type Item = { at: number; to: number } & (
  | { is: 'duration'; minutes: number }
  | { is: 'days'; days: number }
  | { is: 'money'; cents: number; currency: Currency | null; isEach: boolean }
  | { is: 'percent'; percent: number }
  | { is: 'ratio'; part: number; whole: number }
  | { is: 'fraction'; share: number }
  | { is: 'amount'; value: number; unit: string }
  | { is: 'size'; sizes: string[] }
  | { is: 'day'; day: SaidDay }
  | { is: 'number'; value: number; isPair: boolean }
);
export type ItemOf<K extends Item['is']> = Extract<Item, { is: K }>;

export type ReadingConventions = Conventions & {
  today: PlainDate;
  units: 'imperial' | 'metric';
  currency: Currency;
};

const HOURS = /^(?:h|hr|hrs|hour|hours|hour's)$/;
const HOURS_HEARD = /^(?:h|hr|hrs|hours?|ours?|hour's)$/;
const MINUTES = /^(?:min|mins|minute|minutes)$/;
const DAYS = /^(?:day|days|week|weeks|month|months|night|nights)$/;
const CURRENCY_SIGNS: Readonly<Record<string, Currency>> = { $: 'USD', '€': 'EUR', '£': 'GBP' };
const CURRENCY_WORDS: Readonly<Record<string, Currency>> = {
  usd: 'USD',
  eur: 'EUR',
  gbp: 'GBP',
  cad: 'CAD',
  aud: 'AUD',
  euro: 'EUR',
  euros: 'EUR',
  pound: 'GBP',
  pounds: 'GBP',
  quid: 'GBP',
};
/** Money of whichever house it is said in: dollars of three countries, and slang. */
const ANY_CURRENCY = new Set(['dollar', 'dollars', 'bucks', 'buck', 'p', 'cents', 'cent', 'pence']);
const DOLLARS = new Set(['dollar', 'dollars', 'bucks', 'buck']);

class Scanner {
  constructor(
    readonly tokens: readonly Token[],
    readonly ways: ReadingConventions,
  ) {}

  word(at: number): string {
    return this.tokens[at]?.word ?? '';
  }

  number(at: number): SaidNumber | undefined {
    const number = numberAt(this.tokens, at, this.ways.numberStyle);
    const [letter, digits] = [this.tokens[number?.to ?? -1], this.tokens[(number?.to ?? -1) + 1]];
    const isOdd = letter?.glued && letter.word === 'e' && digits?.glued && digits.kind === 'number';
    return isOdd ? undefined : number;
  }

  itemAt(at: number): Item | undefined {
    return (
      this.day(at) ??
      this.size(at) ??
      this.clockRange(at) ??
      this.duration(at) ??
      this.money(at) ??
      this.share(at) ??
      this.amount(at) ??
      this.bare(at)
    );
  }

  private day(at: number): Item | undefined {
    const { today, dateOrder, numberStyle } = this.ways;
    const day = dayAt(this.tokens, at, today, dateOrder, numberStyle);
    if (!day) return undefined;
    const isStroke = this.tokens[at]?.kind === 'number' && this.word(at + 1) === '/';
    if (isStroke) {
      const before = this.tokens[at - 1];
      const isLead =
        !before || before.kind === 'sign' || /^(?:and|by|due|until|till)$/.test(before.word);
      const isShare =
        day.to === at + 3 &&
        /^(?:done|finished|of|h|hours?|hrs?|up|in|full|way|the|a|left|to|"|')$/.test(
          this.word(day.to),
        );
      if (!isLead || isShare) return undefined;
    }
    return { is: 'day', at, to: day.to, day };
  }

  /** One length of a size: `12 ft 4`, `12' 4"`, `3.20`, `2 m 40`. Needs no unit of its own. */
  private length(at: number): { to: number; hasUnit: boolean } | undefined {
    const number = this.number(at);
    if (!number) return undefined;
    let { to } = number;
    let hasUnit = false;
    const unit = this.word(to);
    if (unit === "'" || unit === '’' || /^(?:ft|feet|foot)$/.test(unit)) {
      hasUnit = true;
      to += 1;
      const inches = this.number(to);
      const isInches =
        inches !== undefined &&
        inches.value < 12 &&
        !HOURS.test(this.word(inches.to)) &&
        !this.word(inches.to).startsWith('$');
      if (isInches) {
        to = inches.to;
        if (/^(?:"|”|in|inch|inches)$/.test(this.word(to))) to += 1;
      }
    } else if (/^(?:"|”|in|inch|inches|mm|cm|m|metres?|meters?)$/.test(unit)) {
      const isWord = unit === 'in' && !this.tokens[to]?.glued;
      if (isWord && !/^(?:by|x|×|wide|deep|high|long|tall)$/.test(this.word(to + 1)))
        return { to, hasUnit };
      hasUnit = true;
      to += 1;
      const rest = /^(?:m|metres?|meters?)$/.test(unit) ? this.number(to) : undefined;
      if (rest && rest.value >= 1 && rest.value < 100 && Number.isInteger(rest.value)) {
        const next = this.word(rest.to);
        if (/^(?:by|x|×|,|\.|)$/.test(next) || rest.to >= this.tokens.length) to = rest.to;
      }
    }
    return { to, hasUnit };
  }

  private text(from: number, to: number): string {
    const first = this.tokens[from];
    let text = '';
    for (let at = from; at < to; at += 1) {
      const token = this.tokens[at];
      if (!token) break;
      text += at > from && !token.glued ? ` ${token.text}` : token.text;
    }
    return first ? text : '';
  }

  /** Two or three lengths with "by" or "x" between, or one that is called wide, high or long. */
  private size(at: number): Item | undefined {
    if (!this.number(at)) return undefined;
    const first = this.length(at);
    if (!first) return undefined;
    const sizes = [this.text(at, first.to)];
    let { to } = first;
    while (sizes.length < 3 && /^(?:by|x|×|\*)$/.test(this.word(to))) {
      const next = this.length(to + 1);
      if (!next) break;
      sizes.push(this.text(to + 1, next.to));
      to = next.to;
    }
    if (sizes.length > 1) return { is: 'size', at, to, sizes };
    const isCalled = /^(?:wide|high|long|tall|deep|thick)$/.test(this.word(to));
    if (isCalled) return { is: 'size', at, to: to + 1, sizes };
    const feetAndInches = first.hasUnit && to - at > 2;
    const isMeasure = this.tokens
      .slice(0, at)
      .some(({ word }) => /^(?:height|width|length|depth|measured|measures)$/.test(word));
    return feetAndInches || (isMeasure && first.hasUnit)
      ? { is: 'size', at, to, sizes }
      : undefined;
  }

  /** A time of day in minutes: `18:30`, `7`, `9 pm`, "half past six", "quarter to nine". */
  private clock(
    at: number,
  ): { minutes: number; to: number; half: 'am' | 'pm' | null; isClear: boolean } | undefined {
    let minutes: number | undefined;
    let to = at;
    let isClear = false;
    const token = this.tokens[at];
    const colon = /^(\d{1,2}):(\d{2})$/.exec(token?.text ?? '');
    const lead =
      /^(?:half|quarter|ten|twenty|five)$/.test(this.word(at)) &&
      /^(?:past|to)$/.test(this.word(at + 1));
    if (lead) {
      const hour = this.number(at + 2);
      const step = { half: 30, quarter: 15, ten: 10, twenty: 20, five: 5 }[this.word(at)] ?? 0;
      if (hour && hour.value <= 24 && Number.isInteger(hour.value)) {
        minutes = hour.value * 60 + (this.word(at + 1) === 'past' ? step : -step);
        to = hour.to;
        isClear = true;
      }
    } else if (colon) {
      minutes = Number(colon[1]) * 60 + Number(colon[2]);
      to = at + 1;
      isClear = true;
    } else {
      const dotted = /^(\d{1,2})\.([0-5]\d)$/.exec(token?.text ?? '');
      const named = { noon: 12, midnight: 24 }[this.word(at)];
      const number =
        named !== undefined
          ? { value: named, to: at + 1 }
          : dotted
            ? { value: Number(dotted[1]) + Number(dotted[2]) / 60, to: at + 1 }
            : this.number(at);
      if (number && number.value <= 24) {
        minutes = Math.round(number.value * 60);
        to = number.to;
      }
    }
    if (minutes === undefined || minutes > 24 * 60) return undefined;
    let half: 'am' | 'pm' | null = null;
    const said = this.word(to);
    if (said === 'am' || said === 'pm') {
      half = said;
      to += 1;
    } else if (/^[ap]$/.test(said) && this.word(to + 1) === '.' && this.word(to + 2) === 'm') {
      half = said === 'a' ? 'am' : 'pm';
      to += this.word(to + 3) === '.' ? 4 : 3;
    } else if (said === "o'clock") to += 1;
    else if (said === 'h' && colon) to += 1;
    return { minutes, to, half, isClear: isClear || half !== null };
  }

  private clockRange(at: number): Item | undefined {
    const startedAt =
      /^(?:started|start|began|begin)$/.test(this.word(at)) && this.word(at + 1) === 'at';
    const lead = startedAt || /^(?:from|between)$/.test(this.word(at));
    const from = this.clock(startedAt ? at + 2 : lead ? at + 1 : at);
    if (!from) return undefined;
    if (startedAt) from.to = this.behindStop(from.to) ?? from.to;
    const between = this.word(from.to);
    if (!/^(?:-|–|—|to|til|till|until|and|at)$/.test(between)) return undefined;
    if (between === 'and' && this.word(at) !== 'between') return undefined;
    if (between === 'at' && !startedAt) return undefined;
    const until = this.clock(from.to + 1);
    if (!until) return undefined;
    const worked = /^(?:worked|working|work|there)$/.test(this.word(at - 1));
    const isClear =
      from.isClear || until.isClear || lead || worked || /^(?:til|till|until)$/.test(between);
    const next = this.word(until.to);
    if (!isClear || DAYS.test(next) || HOURS.test(next) || MINUTES.test(next) || measureUnit(next))
      return undefined;
    const half = (time: number, side: 'am' | 'pm' | null) =>
      side === 'pm' && time < 720 ? time + 720 : side === 'am' && time >= 720 ? time - 720 : time;
    const end = half(until.minutes, until.half);
    let start = half(
      from.minutes,
      from.half ?? (until.half === 'pm' && from.minutes < until.minutes ? 'pm' : null),
    );
    if (start > end && start >= 720 && from.half === null) start -= 720;
    let minutes = end - start;
    if (minutes <= 0)
      minutes += until.half === null && from.half === null && end <= 720 ? 720 : 1440;
    if (minutes <= 0) minutes += 720;
    return minutes > 0 && minutes <= 1440
      ? { is: 'duration', at, to: until.to, minutes }
      : undefined;
  }

  /** "Started at 6 and finished at 9": the token in front of the second time. */
  private behindStop(at: number): number | undefined {
    const and = /^(?:and|,)$/.test(this.word(at)) ? at + 1 : at;
    const isStop =
      /^(?:finished|stopped|quit|ended|done|finish|stop)$/.test(this.word(and)) &&
      this.word(and + 1) === 'at';
    return isStop ? and + 1 : undefined;
  }

  private duration(at: number): Item | undefined {
    return this.hoursHeard(at) ?? this.partOfHour(at) ?? this.counted(at) ?? this.colonTime(at);
  }

  /** "to ours", "an our", "another hour", "an hour and a half". */
  private hoursHeard(at: number): Item | undefined {
    const heard = SOUNDS_LIKE[this.word(at)];
    const unit = this.word(at + 1);
    // "Hour and a half", as it is dictated.
    if (
      /^(?:hour|our)$/.test(this.word(at)) &&
      this.word(at + 1) === 'and' &&
      spokenFraction(this.tokens, at + 2)
    ) {
      return this.withRest(at, at + 1, 60);
    }
    if (heard === undefined || this.tokens[at]?.kind !== 'word') return undefined;
    const isOne = /^(?:a|an|another|won)$/.test(this.word(at));
    const fits = isOne ? /^(?:hour|our|hr)$/.test(unit) : /^(?:ours|hours|hrs)$/.test(unit);
    // "For hours" says no number; "for ours" does.
    if (!fits || (/^(?:for|to)$/.test(this.word(at)) && /^hrs$/.test(unit))) return undefined;
    if (this.word(at) === 'for' && unit === 'hours') return undefined;
    return this.withRest(at, at + 2, heard * 60);
  }

  /** What may follow whole hours: "and a half", "and three quarters", "15 min", "20". */
  private withRest(at: number, to: number, minutes: number): Item {
    const and = this.word(to) === 'and' ? to + 1 : to;
    if (and > to) {
      const fraction = spokenFraction(this.tokens, and);
      if (fraction && !/^(?:of|done|the)$/.test(this.word(fraction.to))) {
        return {
          is: 'duration',
          at,
          to: fraction.to,
          minutes: Math.round(minutes + fraction.value * 60),
        };
      }
    }
    // "2h30 and half" is half of something else.
    const glued = this.tokens[to];
    const rest =
      glued?.glued && /^\d\d?$/.test(glued.text)
        ? { value: Number(glued.text), to: to + 1 }
        : this.number(and);
    if (rest && rest.value < 60 && Number.isInteger(rest.value)) {
      const unit = this.word(rest.to);
      const isMinutes = MINUTES.test(unit) || (unit === 'm' && this.tokens[rest.to]?.glued);
      const isClosed = this.tokens[to]?.glued || !this.wouldBeElse(rest);
      if (isMinutes) return { is: 'duration', at, to: rest.to + 1, minutes: minutes + rest.value };
      if (and === to && isClosed && this.tokens[and]?.kind === 'number') {
        return { is: 'duration', at, to: rest.to, minutes: minutes + rest.value };
      }
      if (and === to && !this.wouldBeElse(rest) && rest.value >= 5 && rest.value % 5 === 0) {
        return { is: 'duration', at, to: rest.to, minutes: minutes + rest.value };
      }
    }
    return { is: 'duration', at, to, minutes };
  }

  /** Whether a bare number behind hours says something of its own: "2h 16 boards", "2h 60%", "2h 3 of 12". */
  private wouldBeElse({ to }: SaidNumber): boolean {
    const next = this.tokens[to];
    if (!next) return false;
    return next.kind === 'sign'
      ? !/^[,.;:!?]$/.test(next.text)
      : !/^(?:and|then|in|on|at|with|me|for)$/.test(next.word);
  }

  /** "Half an hour", "three quarters of an hour", "quarter of an hour". */
  private partOfHour(at: number): Item | undefined {
    const fraction = spokenFraction(this.tokens, at);
    if (!fraction) return undefined;
    let { to } = fraction;
    if (this.word(to) === 'of') to += 1;
    if (/^(?:an|a)$/.test(this.word(to))) to += 1;
    if (!/^(?:hour|our|hr)$/.test(this.word(to))) return undefined;
    return { is: 'duration', at, to: to + 1, minutes: Math.round(fraction.value * 60) };
  }

  private counted(at: number): Item | undefined {
    if (this.word(at) === 'overnight') return { is: 'days', at, to: at + 1, days: 0.5 };
    const isOne =
      /^(?:a|one|another)$/.test(this.word(at)) &&
      /^(?:day|week|month|night)$/.test(this.word(at + 1));
    if (isOne && this.word(at - 1) === 'half') return undefined;
    const said = isOne ? { value: 1, to: at + 1 } : this.number(at);
    if (!said) return undefined;
    // "Two more hours", "three solid hours".
    const isMore = /^(?:more|extra|full|whole|solid|good|long|straight)$/.test(this.word(said.to));
    const number =
      isMore && HOURS.test(this.word(said.to + 1)) ? { ...said, to: said.to + 1 } : said;
    const unit = this.tokens[number.to];
    if (!unit) return undefined;
    const heard =
      HOURS.test(unit.word) || (HOURS_HEARD.test(unit.word) && this.tokens[at]?.kind !== 'sign');
    if (number.value <= 0) return undefined;
    const sign = this.word(at - 1) === '-' && this.tokens[at]?.glued && !this.tokens[at - 1]?.glued;
    if (sign) return undefined;
    if (heard) return this.withRest(at, number.to + 1, Math.round(number.value * 60));
    const isMinutes =
      MINUTES.test(unit.word) || (unit.word === 'm' && unit.glued && this.mIsMinutes(number, at));
    if (isMinutes)
      return { is: 'duration', at, to: number.to + 1, minutes: Math.round(number.value) };
    if (DAYS.test(unit.word)) {
      const days = number.value * (/^week/.test(unit.word) ? 7 : /^month/.test(unit.word) ? 30 : 1);
      return { is: 'days', at, to: number.to + 1, days };
    }
    return undefined;
  }

  /** `45m` is a time, `12m` in a house of metres a length, unless it is a round part of an hour. */
  private mIsMinutes({ value, to }: SaidNumber, at: number): boolean {
    if (
      !Number.isInteger(value) ||
      value < 5 ||
      this.word(to + 1) === 'of' ||
      this.word(to + 1) === 'x'
    )
      return false;
    const isPlain = /^\d+$/.test(this.tokens[at]?.text ?? '');
    return isPlain && (this.ways.units === 'imperial' || value % 5 === 0);
  }

  /** `1:45` by itself is a time worked, unless it is said "at" or "until" it. */
  private colonTime(at: number): Item | undefined {
    const match = /^(\d{1,2}):([0-5]\d)$/.exec(this.tokens[at]?.text ?? '');
    if (!match || /^(?:at|by|until|till|from|since)$/.test(this.word(at - 1))) return undefined;
    const minutes = Number(match[1]) * 60 + Number(match[2]);
    const to = this.word(at + 1) === 'h' ? at + 2 : at + 1;
    return minutes > 0 && minutes <= 12 * 60 ? { is: 'duration', at, to, minutes } : undefined;
  }

  private money(from: number): Item | undefined {
    let at = from;
    let sign = 1;
    if (
      /^[-−]$/.test(this.word(at)) &&
      (this.tokens[at + 1]?.glued || CURRENCY_SIGNS[this.word(at + 1)])
    ) {
      sign = -1;
      at += 1;
    }
    const before =
      CURRENCY_SIGNS[this.word(at)] ??
      (this.tokens[at]?.text === 'EUR' ||
      this.tokens[at]?.text === 'USD' ||
      this.tokens[at]?.text === 'GBP'
        ? CURRENCY_WORDS[this.word(at)]
        : undefined);
    if (before) {
      let next = at + 1;
      if (/^[-−]$/.test(this.word(next))) {
        sign = -1;
        next += 1;
      }
      const number = this.moneyNumber(next);
      const unit = this.tokens[number?.to ?? -1];
      // "€ 2h30": the figure is a time.
      const isTime = unit?.glued === true && (HOURS.test(unit.word) || MINUTES.test(unit.word));
      if (number && !isTime) return this.sum(from, number.to, sign * number.value, before);
    }
    const number = this.moneyNumber(at);
    if (!number) return undefined;
    const said = this.word(number.to);
    const currency = CURRENCY_SIGNS[said] ?? CURRENCY_WORDS[said] ?? null;
    if (!currency && !ANY_CURRENCY.has(said)) return undefined;
    // "2 lb", "3 p": not money; a weight in pounds has its thing behind it with "of".
    if (/^pounds?$/.test(said) && this.word(number.to + 1) === 'of') return undefined;
    if (/^p$/.test(said) && !this.tokens[number.to]?.glued) return undefined;
    if (/^(?:p|cents?|pence)$/.test(said))
      return this.sum(from, number.to + 1, (sign * number.value) / 100, null);
    const and = this.word(number.to + 1) === 'and' ? number.to + 2 : number.to + 1;
    const small = this.number(and);
    const hasCents = small && small.value < 100 && /^(?:cents?|p|pence)$/.test(this.word(small.to));
    const isShort =
      small &&
      and === number.to + 1 &&
      Number.isInteger(small.value) &&
      small.value >= 10 &&
      small.value < 100 &&
      Number.isInteger(number.value) &&
      (small.to >= this.tokens.length || /^[,.;]$/.test(this.word(small.to)));
    if (hasCents)
      return this.sum(from, small.to + 1, sign * (number.value + small.value / 100), currency);
    if (isShort && DOLLARS.has(said))
      return this.sum(from, small.to, sign * (number.value + small.value / 100), currency);
    return this.sum(from, number.to + 1, sign * number.value, currency);
  }

  /** "65.000": money has no thousandths, so three digits behind one sign are thousands in every style. */
  private moneyNumber(at: number): SaidNumber | undefined {
    const number = this.number(at);
    const text = this.tokens[at]?.text ?? '';
    const isGrouped = /^\d{1,3}(?:[.,]\d{3})+$/.test(text) && number?.to === at + 1;
    return isGrouped ? { to: at + 1, value: Number(text.replace(/[.,]/g, '')) } : number;
  }

  private sum(at: number, to: number, value: number, currency: Currency | null): Item {
    const isPer = /^(?:a|an|per)$/.test(this.word(to));
    const of = this.word(to + 1);
    const isSquare = /^(?:sq|square)$/.test(of);
    const isEach =
      isPer &&
      (isSquare || CONTAINERS.test(of) || PIECES.test(of) || measureUnit(of) !== undefined);
    return {
      is: 'money',
      at,
      to: isEach ? to + (isSquare ? 3 : 2) : to,
      cents: Math.round(value * minorUnits(this.ways.currency)),
      currency,
      isEach,
    };
  }

  private share(at: number): Item | undefined {
    const number = this.number(at);
    if (number) {
      if (/^(?:%|percent)$/.test(this.word(number.to))) {
        return { is: 'percent', at, to: number.to + 1, percent: number.value };
      }
      if (this.word(number.to) === 'per' && this.word(number.to + 1) === 'cent') {
        return { is: 'percent', at, to: number.to + 2, percent: number.value };
      }
      const ratio = this.ratio(at, number);
      if (ratio) return ratio;
    }
    const fraction =
      spokenFraction(this.tokens, at) ??
      (number && number.value < 1 && number.value > 0 && !/[.,]/.test(this.tokens[at]?.text ?? '')
        ? number
        : undefined);
    if (!fraction) return undefined;
    // "Half a tub" is an amount, "half the floor" a share.
    const article = /^(?:a|an)$/.test(this.word(fraction.to));
    if (article && CONTAINERS.test(this.word(fraction.to + 1))) {
      return {
        is: 'amount',
        at,
        to: fraction.to + 2,
        value: fraction.value,
        unit: this.word(fraction.to + 1),
      };
    }
    if (CONTAINERS.test(this.word(fraction.to))) {
      return {
        is: 'amount',
        at,
        to: fraction.to + 1,
        value: fraction.value,
        unit: this.word(fraction.to),
      };
    }
    if (/^(?:day|days|past|to)$/.test(this.word(fraction.to))) return undefined;
    return { is: 'fraction', at, to: fraction.to, share: fraction.value };
  }

  /** `16 of 22`, `16 out of 22`, `16/22`. */
  private ratio(at: number, part: SaidNumber): Item | undefined {
    let { to } = part;
    const unit = this.word(to);
    if (
      (measureUnit(unit) || PIECES.test(unit) || CONTAINERS.test(unit)) &&
      this.word(to + 1) === 'of' &&
      this.number(to + 2)
    )
      to += 1;
    if (this.word(to) === 'out' && this.word(to + 1) === 'of') to += 2;
    else if (this.word(to) === 'of' || (this.word(to) === '/' && this.tokens[to]?.glued)) to += 1;
    else return undefined;
    if (this.word(to) === 'the') to += 1;
    const whole = this.number(to);
    if (!whole || part.value > whole.value || whole.value <= 0) return undefined;
    return { is: 'ratio', at, to: whole.to, part: part.value, whole: whole.value };
  }

  private amount(at: number): Item | undefined {
    const article =
      /^(?:a|an|another|one)$/.test(this.word(at)) && CONTAINERS.test(this.word(at + 1));
    const number = article ? { value: 1, to: at + 1 } : this.number(at);
    if (!number) return undefined;
    let { to } = number;
    if (this.word(to) === 'more') to += 1;
    if (/^(?:sq|square)$/.test(this.word(to))) {
      const dot = this.word(to + 1) === '.' ? to + 2 : to + 1;
      const of = this.word(dot);
      if (/^(?:ft|feet|foot)$/.test(of))
        return { is: 'amount', at, to: dot + 1, value: number.value, unit: 'sq ft' };
      if (/^(?:m|metres?|meters?)$/.test(of))
        return { is: 'amount', at, to: dot + 1, value: number.value, unit: 'm2' };
    }
    const said = this.tokens[to];
    const squared =
      said &&
      /^(?:m|ft)$/.test(said.word) &&
      /^[2²]$/.test(this.word(to + 1)) &&
      this.tokens[to + 1]?.glued;
    if (squared)
      return {
        is: 'amount',
        at,
        to: to + 2,
        value: number.value,
        unit: said.word === 'm' ? 'm2' : 'sq ft',
      };
    const unit = this.word(to);
    const measure = measureUnit(unit);
    if (measure && !(unit === 'in' && !said?.glued))
      return { is: 'amount', at, to: to + 1, value: number.value, unit: measure };
    const isCounted = CONTAINERS.test(unit) || (PIECES.test(unit) && !article);
    return isCounted ? { is: 'amount', at, to: to + 1, value: number.value, unit } : undefined;
  }

  private bare(at: number): Item | undefined {
    // "-200" and "1e9" are no plain figures; what is no item is asked about.
    const isNegative =
      /^[-−]$/.test(this.word(at - 1)) && this.tokens[at]?.glued && !this.tokens[at - 1]?.glued;
    if (isNegative) return undefined;
    const number = this.number(at);
    if (!number) return undefined;
    // "One of us", "the one": no number.
    if (this.word(at) === 'one' && number.to === at + 1) return undefined;
    if (this.word(number.to) === 'of' && this.word(number.to + 1) === 'us') return undefined;
    // "Two coats" tell how, not how many.
    if (/^coats?$/.test(this.word(number.to))) return undefined;
    return { is: 'number', at, to: number.to, value: number.value, isPair: number.isPair ?? false };
  }
}

/** Every typed thing of a line, in its order. None overlaps another. */
export function itemsOf(tokens: readonly Token[], ways: ReadingConventions): Item[] {
  const scanner = new Scanner(tokens, ways);
  const items: Item[] = [];
  for (let at = 0; at < tokens.length;) {
    const item = scanner.itemAt(at);
    if (item) items.push(item);
    at = item ? Math.max(item.to, at + 1) : at + 1;
  }
  return items;
}
