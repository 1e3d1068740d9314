import type { Kind } from './kinds';
import { behindSaid } from './words/behind';
import { PUNCH_LEAD } from './words/punch';
import { ENOUGH, stepsFor, type StepFit } from './evidence';
import type { Phrase } from './line';
import { whoWorked } from './people';
import type { Cue } from './words/cues';
import { FILLER } from '../../language/stems';
import { SUSPICION_WORDS, first } from './words/finds';
import { worksIn } from './works';
import { TRADES, MAN } from './words/trades';
import { CONTAINERS } from './words/units';

/** One way to read a stretch, and how well it fits. */
export type Fit = { kind: Kind; score: number };

const INSPECTS = [6, 12];

/** What a stretch holds, looked at once for all the kinds that compete for it. */
export class Facts {
  readonly durations;
  readonly money;
  readonly numbers;
  readonly amounts;
  readonly shares;
  readonly sizes;
  readonly days;
  readonly spans;
  readonly places;
  private fits: StepFit[] | null = null;
  readonly content: number;
  private readonly words: readonly string[];

  constructor(readonly stretch: Phrase) {
    this.durations = stretch.all('duration');
    this.money = stretch.all('money');
    this.numbers = stretch.all('number');
    this.amounts = stretch.all('amount');
    this.shares = [...stretch.all('percent'), ...stretch.all('ratio'), ...stretch.all('fraction')];
    this.sizes = stretch.all('size');
    this.days = stretch.all('day');
    this.spans = stretch.all('days');
    this.places = new Set(stretch.marked('place').flatMap(({ ids }) => ids)).size;
    this.words = stretch.freeWords().map((at) => stretch.line.tokens[at]?.word ?? '');
    this.content = stretch
      .freeWords(() => true)
      .filter((at) => !FILLER.has(stretch.line.tokens[at]?.word ?? '')).length;
  }

  /** The steps its words may speak of; worked out when somebody asks. */
  get steps(): StepFit[] {
    this.fits ??= stepsFor(this.stretch.stems(), this.stretch.context);
    return this.fits;
  }

  get evidence(): number {
    const fit = this.steps[0]?.fit ?? 0;
    return fit >= ENOUGH ? Math.min(3, fit) : 0;
  }

  get inspects(): boolean {
    const top = this.steps[0];
    return (
      top !== undefined &&
      INSPECTS.includes(top.step.verb) &&
      top.step.jobs.some(({ id }) => /\/(?:hold|final)\./.test(id))
    );
  }

  get isAhead(): boolean {
    return this.days.some(({ day }) => day.tells === 'ahead');
  }

  get isQuestion(): boolean {
    const { line, to } = this.stretch;
    for (let at = to - 1; at < line.tokens.length; at += 1) {
      const text = line.tokens[at]?.text ?? '';
      if (text === '?') return true;
      if (/^[.;!]$/.test(text)) return false;
    }
    return false;
  }

  get hasTrade(): boolean {
    return this.words.some((word, at) => TRADES.test(word) || (at > 0 && MAN.test(word)));
  }

  /** Nothing but cues and days. */
  get isEmpty(): boolean {
    return (
      this.content + this.amounts.length + this.places + this.money.length + this.numbers.length ===
      0
    );
  }

  /** "The back bedroom is taped". */
  get isPassive(): boolean {
    return /\b(?:is|are|got)\s+(?:all |now |fully )?(?:\p{L}+ed|laid|hung|set|built)\b/iu.test(
      this.stretch.text,
    );
  }

  /** One amount that may be of work done: feet, metres, boards; of what comes in bags only where it is said to be up or in. */
  get countsWork(): boolean {
    const [only, more] = this.amounts;
    if (!only || more) return false;
    return CONTAINERS.test(only.unit) ? this.isIn || this.has('set') : true;
  }

  /** Works of the library that it chooses for its room. */
  get works(): string[] {
    return worksIn(this.stretch);
  }

  /** "All in", "11 sheets up", "rail fitted": said behind the thing, not in front of a place. */
  get isIn(): boolean {
    const { line, to } = this.stretch;
    return this.stretch.marks.some((mark) => {
      if (mark.is !== 'cue' || (mark.cue !== 'in' && mark.cue !== 'set')) return false;
      const next = line.tokens[mark.to];
      if (!next || mark.to >= to || next.kind === 'sign') return true;
      return mark.cue === 'in' && /^(?:on|in|and|at|so|then|now)$/.test(next.word);
    });
  }

  /** Figures that are no typed thing, such as "1e9", "-200" or a percentage over a hundred. */
  get oddFigures(): number {
    const { line, at, to } = this.stretch;
    const isIn = (one: number) => line.items.some((item) => item.at <= one && one < item.to);
    const loose = line.tokens.filter(
      ({ kind }, one) =>
        kind === 'number' && one >= at && one < to && !isIn(one) && !line.struck.has(one),
    ).length;
    return loose + this.stretch.all('percent').filter(({ percent }) => percent > 100).length;
  }

  says(pattern: RegExp): boolean {
    return this.words.some((word) => pattern.test(word));
  }

  /** A bare number with two decimals, as money is written. */
  get hasPrice(): boolean {
    return this.numbers.some(
      ({ at, isPair }) => isPair || /[.,]\d\d$/.test(this.stretch.line.tokens[at]?.text ?? ''),
    );
  }

  /** "Need to call the": its noun stands behind the cut. */
  get isCutOff(): boolean {
    const { line, to } = this.stretch;
    return (
      to < line.tokens.length &&
      /^(?:the|a|an|of|for|with|from|to|by|my|our|at|he|she|they)$/.test(
        line.tokens[to - 1]?.word ?? '',
      )
    );
  }

  opensWith(cue: Cue): boolean {
    return this.stretch.cueAt(cue)?.at === this.stretch.at;
  }

  /** Whether one of some cues is the last word. */
  endsWith(...cues: readonly Cue[]): boolean {
    const { marks, to } = this.stretch;
    return marks.some((mark) => mark.is === 'cue' && cues.includes(mark.cue) && mark.to === to);
  }

  /** Asked, thought of, nearly done or not done at all: no fact. */
  get isUnreal(): boolean {
    const isNearly = this.has('nearly') && !this.has('done');
    return this.isQuestion || this.has('thought') || isNearly || isDenied(this);
  }

  /** "Plus tax $7", "and 20 delivery": a sum on top. */
  get hasExtra(): boolean {
    return (
      this.stretch.tokens.some(({ word }) => /^(?:tax|vat|delivery|shipping|tip)$/.test(word)) &&
      this.has('on-top')
    );
  }

  /** "120 for lumber": a figure with what it was given for. */
  get isPricedFor(): boolean {
    const { line } = this.stretch;
    return this.numbers.some(
      ({ to, value }) => value >= 3 && /^(?:for|on)$/.test(line.tokens[to]?.word ?? ''),
    );
  }

  has(...cues: readonly Cue[]): boolean {
    return this.stretch.has(...cues);
  }
}

/** Cues that make a statement of their own; in another kind of statement they speak against it. */
const STRONG: readonly (readonly [Cue, readonly Kind[]])[] = [
  ['found', ['find']],
  ['decided', ['decision']],
  ['quoted', ['quote']],
  ['refunded', ['money']],
  ['ordered', ['ordered', 'next']],
  ['delivered', ['delivered', 'ordered']],
  ['used', ['material']],
  ['left-over', ['leftover']],
  ['waits', ['wait', 'next']],
  ['inspected', ['inspection', 'next', 'money']],
  ['passed', ['inspection']],
  ['failed', ['inspection']],
  ['owes', ['favour']],
  ['note', ['note', 'find', 'decision']],
  ['ahead', ['next', 'find', 'wait', 'decision', 'ordered', 'quote']],
  ['weather', ['weather', 'find']],
  ['spent', ['money', 'quote', 'find', 'hours', 'next']],
  ['short', ['delivered', 'inspection', 'find', 'next']],
  ['damaged', ['delivered', 'inspection', 'find', 'next', 'decision']],
  ['wrong', ['delivered', 'inspection', 'find', 'next']],
];

/** "Did not get to it", "no painting": nothing was done. "Not finished" says only that much. */
function isDenied(facts: Facts): boolean {
  if (!facts.has('not-done') || facts.durations.length > 0) return false;
  return !facts.has('delivered', 'failed', 'found', 'decided', 'inspected');
}

const WORK = 5;
/** A figure without a word of its own. */
const BARE = 2.5;

function work(facts: Facts): number | null {
  const { durations, stretch } = facts;
  if (durations.length === 0) return null;
  if (facts.has('owes')) return null;
  let score = WORK * durations.length + facts.evidence;
  if (durations.length > 1) {
    const worked = whoWorked(stretch);
    if (!worked.ok) score -= 6;
  }
  if (facts.places > 1) score -= 1.5;
  // "Bert 4h demo, I did 2h hauling": each time has its own work behind it.
  if (durations.length > 1 && wordsBetween(facts)) score -= 3;
  if (facts.hasTrade && stretch.marked('person').length === 0) score -= 6;
  if (endsWithNextName(facts)) score -= 4;
  // A day between two times begins another statement.
  const first = durations[0]?.at ?? 0;
  const last = durations.at(-1)?.at ?? 0;
  if (facts.days.some(({ at }) => at > first && at < last)) score -= 6;
  const lastName = stretch.marked('person').at(-1)?.at ?? 0;
  if (facts.days.some(({ at }) => at > first && at < lastName && lastName > last)) score -= 4;
  const told = facts.shares.length + Number(facts.has('done') && facts.shares.length === 0);
  if (told > 0) score += facts.steps.length > 0 || facts.content === 0 ? PROGRESS : 0;
  if (told > 1) score -= 3;
  // Something counted in the same breath: "hung 9 boards, 3h".
  const counted = facts.amounts.length + facts.numbers.length;
  if (counted === 1 && facts.evidence > 0 && facts.amounts.length === 1) score += 1;
  else score -= 3 * counted;
  score -= 4 * facts.money.length + 3 * facts.sizes.length;
  if (facts.has('guess')) score -= 2;
  // A time by itself belongs to what stands beside it.
  if (facts.content === 0 && facts.places === 0 && told === 0 && !facts.has('same')) score -= BARE;
  return score;
}

/** "…, I did | 2h hauling": the name at the end belongs to the time behind it. */
function endsWithNextName({ stretch }: Facts): boolean {
  const { line, to } = stretch;
  if (!line.items.some((item) => item.is === 'duration' && item.at === to)) return false;
  const name = stretch.marked('person').at(-1);
  if (!name || !/^(?:,|and|then|;)$/.test(line.tokens[name.at - 1]?.text ?? '')) return false;
  return line.tokens.slice(name.to, to).every(({ word }) => FILLER.has(word));
}

/** Whether words of their own stand behind the first time and behind the last. */
function wordsBetween({ durations, stretch }: Facts): boolean {
  const [first, last] = [durations[0], durations.at(-1)];
  if (!first || !last) return false;
  const free = stretch
    .freeWords(() => true)
    .filter((at) => !FILLER.has(stretch.line.tokens[at]?.word ?? ''));
  const between = free.some((at) => at >= first.to && at < last.at);
  return between && free.some((at) => at >= last.to);
}

const PROGRESS = 3.5;

function progress(facts: Facts): number | null {
  if (facts.durations.length + facts.money.length + facts.sizes.length > 0) return null;
  const isTold = facts.shares.length > 0 || facts.has('done', 'begun');
  const counted = facts.countsWork || (facts.numbers.length > 0 && facts.isIn);
  const isIn = (facts.isIn || facts.isPassive) && facts.evidence > 0 && facts.content > 0;
  if (!isTold && !counted && !isIn) return null;
  if (facts.evidence === 0 && facts.content > 0 && !isTold) return null;
  let score = PROGRESS + facts.evidence;
  if (!isTold && counted) score += facts.isIn || facts.has('done', 'more', 'to-go') ? 0.8 : -1.5;
  if (!isTold && !counted) score -= 1.5;
  if (facts.content + facts.places > 0 && facts.evidence === 0) score -= 3;
  if (facts.shares.length > 1) score -= 3;
  if (facts.places > 1) score -= 1.5;
  score -= 3 * Math.max(0, facts.numbers.length - Number(counted || facts.has('to-go')));
  return score;
}

function money(facts: Facts): number | null {
  const { money: sums, numbers } = facts;
  const isSpent = facts.has('spent', 'refunded', 'agreed');
  const hasShop = facts.stretch.marked('shop').length > 0;
  if (sums.length === 0) {
    if (numbers.length === 0) return null;
    const isLikely = isSpent || hasShop || facts.hasPrice || facts.hasTrade || facts.isPricedFor;
    if (!isLikely) return null;
  }
  const isWish = facts.has('ahead') || facts.isAhead;
  let score = sums.length > 0 ? 5 : isSpent || hasShop ? 5 : facts.hasPrice ? 4 : 3;
  if (isWish) score -= 3;
  if (isSpent && sums.length > 0) score += 0.5;
  if (facts.content > 0) score += 0.3;
  else if (facts.places === 0 && !hasShop && !isSpent && !facts.hasTrade) score -= BARE;
  if (facts.has('agreed') && facts.has('spent')) score -= 1;
  // One sum and the rooms' parts of it, or how many of what at how much each.
  const figures = sums.length + numbers.length;
  const parts = facts.places > 1 && figures === facts.places + 1;
  const isEach = facts.has('each') || sums.some((sum) => sum.isEach);
  const priced = figures === 2 && isEach;
  const isFolded =
    figures === 2 && sums.length === 1 && numbers.every(({ value }) => Number.isInteger(value));
  if (parts) score += 3 * facts.places;
  else if (figures === 2 && facts.hasExtra) score += 5;
  else if (figures === 1 && isEach && facts.amounts.length === 1) score += 2.5;
  else if (figures > 1 && !priced && !isFolded) score -= 3 * (figures - 1);
  score -= (facts.hasTrade ? -1.5 : 3) * facts.durations.length;
  if (facts.has('done', 'begun') && !isSpent) score -= 1;
  return score;
}

function quote(facts: Facts): number | null {
  const figures = facts.money.length + facts.numbers.length;
  // "The roofer will do it for 6,500".
  const isOffer =
    facts.hasTrade &&
    (facts.has('ahead', 'thought') || facts.says(/^wants?$/)) &&
    figures === 1 &&
    facts.says(/^(?:for|do|about|wants?)$/);
  if (figures === 0 || !(facts.has('quoted') || isOffer)) return null;
  const extra = facts.money.length + facts.numbers.length - 1;
  return (isOffer ? 9.5 : 6.5) - 3 * extra - 3 * facts.durations.length;
}

/** Words that by themselves tell of something found. */
const TROUBLE =
  /\b(?:rot|rotten|mou?ld|leaks?|leaking|damp|woodworm|termites?|mice|rats|asbestos|sagging|droppings|out of (?:level|plumb|square)|crooked|bouncy|sparks?|sparking|wet spots?|stains?|cracks?|rusted|knob and tube)\b/i;
const TROUBLE_FIRST =
  /^(?:there is |there's |some |more |black |dry |wet |a |the )*(?:rot|mou?ld|leak|damp|woodworm|termites?|mice|rats|asbestos|droppings)\b/i;

const SOMEWHERE = /\b(?:in|under|behind|at|on|around|above|below|there|inside|is|are|has)\b/i;
const IS_SO = /\b(?:is|are|has|have|looks?|feels?|seems?|was|were)\b/i;

function find(facts: Facts): number | null {
  const isSeen = facts.has('found');
  const { text } = facts.stretch;
  const isTrouble = first(SUSPICION_WORDS, text) !== undefined || TROUBLE.test(text);
  const figures = facts.durations.length + facts.money.length;
  if (!isSeen) {
    const isGuess = facts.has('guess');
    const isBare = isTrouble && (figures === 0 || isGuess) && facts.shares.length === 0;
    return isBare &&
      !facts.has('done', 'begun', 'used', 'waits', 'delivered', 'decided', 'spent') &&
      TROUBLE.test(text) &&
      (facts.places > 0 || SOMEWHERE.test(text)) &&
      (facts.evidence < 1.2 || TROUBLE_FIRST.test(text) || IS_SO.test(text))
      ? 4 + 5 * figures
      : null;
  }
  const guessed = facts.has('guess') ? 5 * figures + 1 : -3 * figures;
  return 6 + guessed + (isTrouble ? 0.5 : 0);
}

function decision(facts: Facts): number | null {
  // A room with the works it is to get: more of them at once are one statement.
  const isPlain = facts.places === 1 && facts.durations.length + facts.money.length === 0;
  const works = isPlain ? facts.works.length : 0;
  if (works > 0) return 6 + 2 * works;
  if (!facts.has('decided')) return null;
  return (
    6 -
    2 * facts.money.length -
    2 * facts.durations.length -
    (facts.numbers.length > 0 && facts.has('agreed') ? 3 : 0)
  );
}

function ordered(facts: Facts): number | null {
  const order = facts.stretch.cueAt('ordered');
  const wish = facts.stretch.cueAt('ahead');
  // "Need to order" is for later; "ordered, should arrive" is not.
  if (!order || (wish && wish.at < order.at)) return null;
  const isDue = facts.days.length + facts.spans.length;
  return 6 - 3 * facts.durations.length - 2 * facts.money.length + 0.5 * isDue;
}

function delivered(facts: Facts): number | null {
  const came =
    facts.says(/^(?:came|come|comes)$/) &&
    !facts.hasTrade &&
    facts.stretch.marked('person').length === 0;
  if (!facts.has('delivered') && !(came && (facts.content > 1 || facts.amounts.length > 0)))
    return null;
  const state = facts.has('short', 'damaged', 'wrong', 'whole') ? 1.5 : 0;
  if (!facts.has('delivered') && facts.isAhead) return null;
  return (
    (facts.has('delivered') ? 6 : 4.5) + state - 4 * facts.durations.length - 3 * facts.money.length
  );
}

function material(facts: Facts): number | null {
  const { amounts, numbers } = facts;
  const isUsed = facts.has('used');
  if (amounts.length === 0 && !(isUsed && numbers.length > 0)) return null;
  if (facts.content + facts.places === 0) return null;
  const isMeasure = amounts.some(({ unit }) => /^(?:sq ft|m2|m|ft|cm|mm|in)$/.test(unit));
  let score = isUsed ? 6 : isMeasure ? 1 : 3.2;
  const things = amounts.length + numbers.length;
  if (things > 1) score -= 2.5 * (things - 1);
  score -= 4 * (facts.durations.length + facts.money.length);
  if ((facts.isIn || facts.has('done', 'to-go')) && !isUsed) score -= 1.5;
  return score;
}

function leftover(facts: Facts): number | null {
  // What is left for later is in the wall.
  if (/\bfor later\b/i.test(facts.stretch.text)) return null;
  if (!facts.has('left-over') || facts.amounts.length + facts.numbers.length !== 1) return null;
  return 6.5 - 4 * (facts.durations.length + facts.money.length);
}

function wait(facts: Facts): number | null {
  if (!facts.has('waits')) return null;
  const times = facts.durations.length + facts.spans.length + facts.days.length;
  // "1h30 Ana dry the wall, done" is work.
  const isSaid = facts.says(
    /^(?:needs?|has|have|must|until|till|for|is|are|lets?|leave|before|to)$/,
  );
  if (!isSaid && facts.durations.length > 0) return null;
  if (times === 0) return facts.says(/^until|till$/) ? 3 : null;
  return (
    11 +
    Math.min(1, times - 1) -
    3 * facts.money.length +
    WORK * Math.min(1, facts.durations.length) * 0.2
  );
}

function inspection(facts: Facts): number | null {
  const told = facts.has('passed', 'failed');
  const booked =
    facts.days.length > 0 &&
    facts.says(/^(?:booked|comes?|coming|scheduled|due|reinspect|reinspection|again|back)$/);
  if (!facts.has('inspected') && !facts.inspects) return null;
  if (!told && !booked && !(facts.has('inspected') && facts.days.length > 0)) return null;
  return (
    6.5 +
    (told ? 1 : 0) +
    1.2 * Math.min(1, facts.days.length) -
    3 * (facts.durations.length + facts.money.length)
  );
}

function measured(facts: Facts): number | null {
  if (facts.sizes.length === 0) return null;
  const isTold = facts.has('measured') || facts.places > 0;
  return (
    (isTold ? 6 : 2.5) +
    (facts.sizes.length - 1) -
    3 * (facts.durations.length + facts.money.length)
  );
}

function favour(facts: Facts): number | null {
  if (!facts.has('owes')) return null;
  return facts.durations.length === 1 ? 8 : null;
}

function weather(facts: Facts): number | null {
  if (!facts.has('weather')) return null;
  const figures =
    facts.durations.length + facts.money.length + facts.amounts.length + facts.shares.length;
  return figures > 0 || facts.evidence > 1 ? null : 3.5;
}

/** "Call the office", "order the tile": told to oneself. */
const IMPERATIVE =
  /^(?:call|ring|phone|buy|order|book|check|ask|fetch|schedule|email|text|return|pick|bring|remind)$/;

function isImperative({ stretch, durations, money }: Facts): boolean {
  const first = stretch.freeWords((mark) => mark.is !== 'cue')[0];
  return (
    durations.length + money.length === 0 &&
    first !== undefined &&
    IMPERATIVE.test(stretch.line.tokens[first]?.word ?? '')
  );
}

function next(facts: Facts): number | null {
  // What somebody else says will be is their talk.
  if (facts.has('thought')) return null;
  const isVisit =
    facts.hasTrade && facts.days.length > 0 && facts.says(/^(?:comes?|coming|booked|scheduled)$/);
  const isLead = facts.has('ahead') || isImperative(facts) || isVisit;
  if (!isLead && !facts.isAhead) return null;
  // "Ran out of screws, get two tomorrow": whatever is counted is for then.
  return (isLead ? 6 : 3.8) + 0.3 * facts.days.length - (facts.durations.length > 0 ? 1 : 0);
}

/** "Cold supply 22 from the left, 36 up". */
function behind({ stretch, durations, money }: Facts): number | null {
  return durations.length + money.length === 0 && behindSaid(stretch.text) ? 18 : null;
}

/** "Punch list: paint chipped beside the door". */
function punch({ stretch, durations, shares }: Facts): number | null {
  return durations.length + shares.length === 0 && PUNCH_LEAD.test(stretch.text) ? 9 : null;
}

const READERS: readonly (readonly [Kind, (facts: Facts) => number | null])[] = [
  ['hours', work],
  ['progress', progress],
  ['money', money],
  ['quote', quote],
  ['find', find],
  ['decision', decision],
  ['ordered', ordered],
  ['delivered', delivered],
  ['material', material],
  ['leftover', leftover],
  ['wait', wait],
  ['inspection', inspection],
  ['measured', measured],
  ['favour', favour],
  ['weather', weather],
  ['behind', behind],
  ['punch', punch],
  ['next', next],
];

/** Kinds that say nothing without a thing they are about. */
const NEEDS_WORDS: ReadonlySet<Kind> = new Set([
  'find',
  'decision',
  'ordered',
  'delivered',
  'material',
  'leftover',
  'next',
  'quote',
]);

/** Kinds that hold whatever the words say in what tense. */
const TENSELESS: ReadonlySet<Kind> = new Set([
  'next',
  'weather',
  'decision',
  'find',
  'favour',
  'wait',
]);

/** All the ways to read a stretch, the best first. A note is always one of them. */
export function fitsOf(facts: Facts): Fit[] {
  const unreal = facts.isUnreal;
  // "We need to" with nothing behind it: its thing was cut off.
  const broken =
    (facts.endsWith('ahead', 'found', 'decided', 'thought', 'nearly') ? 4 : 0) +
    (facts.isCutOff ? 3 : 0);
  const fits: Fit[] = [];
  for (const [kind, read] of READERS) {
    const score = read(facts);
    if (score === null) continue;
    // Its words are its own: "left" is a side, "cold" a pipe.
    if (kind === 'behind') {
      fits.push({ kind, score });
      continue;
    }
    let against = broken;
    for (const [cue, kinds] of STRONG) if (facts.has(cue) && !kinds.includes(kind)) against += 2.5;
    if (unreal && !(TENSELESS.has(kind) && !facts.isQuestion))
      against += kind === 'quote' || kind === 'inspection' || kind === 'delivered' ? 1 : 8;
    if (facts.isEmpty && NEEDS_WORDS.has(kind)) against += 6;
    fits.push({ kind, score: score - against });
  }
  const figures =
    facts.durations.length +
    facts.money.length +
    facts.numbers.length +
    facts.shares.length +
    facts.amounts.length +
    facts.sizes.length;
  const opens = facts.opensWith('note');
  const accounted = facts.has('thought') ? figures - facts.durations.length : figures;
  fits.push({
    kind: 'note',
    score: opens
      ? 5
      : unreal
        ? (facts.content === 0 ? -1 : 2) + 3.5 * accounted
        : -0.4 * facts.content - 3 * figures - (facts.content === 0 ? 2 : 0),
  });
  if (
    facts.content === 0 &&
    facts.places === 0 &&
    figures + facts.sizes.length === 0 &&
    facts.stretch.marks.every(({ is }) => is === 'person')
  ) {
    fits.push({ kind: 'nothing', score: -1.5 });
  }
  const isBare = facts.content === 0 && figures === 0 && facts.places === 0;
  if (facts.days.length === 1 && isBare && facts.stretch.marked('person').length === 0) {
    fits.push({ kind: 'nothing', score: 1 });
  }
  return fits.sort((a, b) => b.score - a.score);
}
