import type { Answer, Entry, JobId, PlaceId } from '../house';
import { addCents, cents, type PlainDate } from '../units';
import { answersFor } from './answers';
import type { LogContext } from './context';
import { Facts } from './frames';
import type { Kind } from './kinds';
import { jobsFor, nearBest, placesSaid } from './jobs';
import { lineOf, type Line } from './line';
import { moneyIn, quotedIn } from './money';
import type { Label, Memory, Part, Question, QuestionCode, Reading, Slot } from './reading';
import { SAYINGS, visitsFor } from './sayings';
import { statementsOf, type Statement } from './segment';
import type { Span } from './tokens';
import { leftWords } from './things';
import { ONES } from './words/numbers';
import { FILLER, stem } from './words/stems';
import {
  NOTHING_AHEAD,
  progressMade,
  strangerIn,
  workMade,
  type Ahead,
  type Made,
  type Told,
} from './work';

/** More than this is no evening but a slip. */
export const LONGEST_LINE = 10_000;
/** Nobody works longer on one day. */
const LONG_DAY = 16 * 60;
/** A sum over this part of the budget is asked about. */
const LARGE_PART = 10;

/** Kinds whose day lies ahead: it is when, not the day the line is of. */
const LOOKS_AHEAD: ReadonlySet<Kind> = new Set(['next', 'ordered', 'inspection', 'wait']);

type Dated = {
  statement: Statement;
  days: PlainDate[];
  /** Other days that the words may mean. */
  or: readonly PlainDate[];
  due: Statement[];
};

/** Which day each statement is of: a day said in front holds until the next; one said behind speaks of what stands before it. */
function datedStatements(statements: readonly Statement[], unlessSaid: PlainDate): Dated[] {
  const dated: Dated[] = [];
  let days = [unlessSaid];
  let isOpen = false;
  let or: readonly PlainDate[] = [];
  statements.forEach((statement, at) => {
    const { facts, kind, sentence } = statement;
    const said = facts.days.map(({ day }) => day);
    const isDay = kind === 'nothing' && said.length > 0;
    const before = dated.at(-1);
    const next = statements[at + 1];
    const isLastOfSentence = !next || next.sentence !== sentence;
    if (isDay) {
      const past = said.map((day) => day.past);
      if (
        before &&
        before.statement.sentence === sentence &&
        LOOKS_AHEAD.has(before.statement.kind) &&
        before.statement.facts.days.length === 0 &&
        isLastOfSentence
      ) {
        before.due.push(statement);
        return;
      }
      if (isLastOfSentence && before && before.statement.sentence === sentence) {
        for (const one of dated) {
          const isBare =
            one.statement.sentence === sentence && one.statement.facts.days.length === 0;
          if (isBare) one.days = past;
        }
        return;
      }
      days = isOpen ? [...days, ...past] : past;
      or = said.flatMap((day) => day.or ?? []);
      isOpen = true;
      return;
    }
    isOpen = false;
    const own = LOOKS_AHEAD.has(kind) ? said.filter(({ tells }) => tells === 'past') : said;
    const opens = facts.days[0]?.at === facts.stretch.at;
    if (own.length > 0) {
      const past = own.map((day) => (day.tells === 'ahead' ? day.ahead : day.past));
      const isLead = opens && !LOOKS_AHEAD.has(kind);
      if (isLead) {
        days = past;
        or = [];
      } else if (isLastOfSentence) {
        for (const one of dated) {
          if (
            one.statement.sentence === sentence &&
            one.statement.facts.days.length === 0 &&
            one.days[0] === unlessSaid
          )
            one.days = past;
        }
      }
      dated.push({ statement, days: past, or: [], due: [] });
      return;
    }
    dated.push({ statement, days, or, due: [] });
  });
  return dated;
}

/** What stands behind a time that names no work of its own. */
function aheadOf(dated: readonly Dated[], at: number, memory: Memory, context: LogContext): Ahead {
  const here = dated[at]?.statement;
  if (!here || here.facts.shares.length > 0 || here.facts.has('done')) return NOTHING_AHEAD;
  let named: Ahead['named'] = null;
  for (const { statement } of dated.slice(at + 1, at + 3)) {
    if (statement.sentence !== here.sentence) break;
    if (statement.kind !== 'progress' && statement.kind !== 'hours') continue;
    const { facts } = statement;
    const own = placesSaid(facts.stretch).all;
    const places = own.length > 0 ? own : placesSaid(here.facts.stretch).all;
    const near = nearBest(jobsFor(facts.stretch.stems(), places, memory, context, facts.steps));
    const [only] = near;
    if (!only || near.length > 1) continue;
    if (statement.kind === 'progress') return { told: only.job, named };
    named ??= only.job;
  }
  return { told: null, named };
}

/** A visit that several floors wait for is asked about. */
function whichVisit(statement: Statement, made: Made, told: Told, memory: Memory): Made {
  const visits = nearBest(visitsFor(statement.facts, memory));
  const answered = told.get('job');
  const forJob = (jobId: string): Entry[] =>
    made.entries.map((entry) =>
      entry.kind === 'inspection' ? { ...entry, jobId: jobId as JobId } : entry,
    );
  if (answered !== undefined) return { ...made, entries: forJob(answered) };
  if (visits.length < 2) return made;
  const options = visits.map(({ job }) => ({
    label: { is: 'job' as const, jobId: job.id },
    value: job.id,
    entries: forJob(job.id),
  }));
  return { ...made, entries: [], ask: { code: 'which-job', slot: 'job', options } };
}

function sayingMade(
  statement: Statement,
  kind: Kind,
  memory: Memory,
  context: LogContext,
  told: Told = new Map(),
): Made {
  const { facts } = statement;
  if (kind === 'money') {
    const money = moneyIn(facts.stretch, memory);
    return { entries: money ? [money] : [], wordsKept: true };
  }
  if (kind === 'quote') {
    const quote = quotedIn(facts.stretch, memory);
    return { entries: quote ? [quote] : [], wordsKept: true };
  }
  const entries = SAYINGS[kind]?.(facts, memory, context) ?? [];
  const made: Made = { entries, wordsKept: true };
  return kind === 'inspection' ? whichVisit(statement, made, told, memory) : made;
}

function madeOf(
  statement: Statement,
  kind: Kind,
  told: Told,
  ahead: Ahead,
  memory: Memory,
  context: LogContext,
): Made {
  if (kind === 'hours') return workMade(statement, told, ahead, memory, context);
  if (kind === 'progress') return progressMade(statement, told, memory, context);
  return sayingMade(statement, kind, memory, context, told);
}

/** Figures that a kind of statement cannot hold: left over, they make a question. */
function figuresLeft({ facts }: Statement, kind: Kind): number {
  const { numbers, amounts, money, durations, shares, sizes } = facts;
  switch (kind) {
    case 'hours':
      return (
        numbers.length +
        money.length +
        sizes.length +
        Math.max(0, amounts.length + shares.length - 1)
      );
    case 'progress':
      return (
        durations.length + money.length + sizes.length + (facts.has('to-go') ? 0 : numbers.length)
      );
    case 'money':
      return facts.hasTrade ? 0 : durations.length;
    case 'quote':
      return Math.max(0, money.length + numbers.length - 1) + durations.length;
    case 'measured':
      return numbers.length + money.length + durations.length;
    case 'note':
      return facts.isUnreal || facts.opensWith('note')
        ? 0
        : numbers.length + money.length + amounts.length + durations.length + shares.length;
    case 'weather':
    case 'next':
    case 'find':
    case 'decision':
      return 0;
    case 'inspection':
    case 'wait':
      return money.length;
    case 'favour':
      return money.length + numbers.length;
    default:
      return money.length + durations.length;
  }
}

const labelledKind = (kind: Kind): Label => ({ is: 'kind', kind });

type Option = NonNullable<Made['ask']>['options'][number];

/** A statement that could be several things: the kinds that fit, best first. */
function kindsAsked(
  statement: Statement,
  memory: Memory,
  context: LogContext,
): NonNullable<Made['ask']> {
  const { facts } = statement;
  const kinds: Kind[] = statement.fits.slice(0, 3).map(({ kind }) => kind);
  if (facts.numbers.length + facts.money.length > 0) kinds.push('money', 'quote');
  if (facts.durations.length > 0) kinds.push('hours');
  if (facts.amounts.length > 0) kinds.push('material');
  kinds.push('note', 'find', 'decision');
  const options = [...new Set(kinds)].flatMap((kind): Option[] => {
    const made = madeOf(statement, kind, new Map(), NOTHING_AHEAD, memory, context);
    return made.entries.length > 0
      ? [{ label: labelledKind(kind), value: kind, entries: made.entries }]
      : [];
  });
  return { code: 'what-is-this', slot: 'kind', options: options.slice(0, 5) };
}

/** Work that is named without a word on how long or how far. */
function barelyNamed(statement: Statement, memory: Memory, context: LogContext): Made | null {
  const { facts } = statement;
  if (
    statement.kind !== 'note' ||
    figuresLeft(statement, 'note') + facts.oddFigures > 0 ||
    facts.isUnreal ||
    facts.evidence < BARE_WORK ||
    facts.has('note')
  )
    return null;
  const { all } = placesSaid(facts.stretch);
  const [best, second] = nearBest(
    jobsFor(facts.stretch.stems(), all, memory, context, facts.steps),
  );
  if (!best || second) return null;
  const made = progressMade(statement, new Map(), memory, context);
  if (!made.ask) return null;
  const note = sayingMade(statement, 'note', memory, context).entries;
  return {
    ...made,
    ask: {
      ...made.ask,
      options: [...made.ask.options, { label: labelledKind('note'), value: 'note', entries: note }],
    },
  };
}
const BARE_WORK = 1.3;

/** What of a money entry was changed beside the line. */
function withMoneyTold(entry: Entry, told: Told): Entry {
  if (entry.kind !== 'money') return entry;
  const spend = told.get('spend');
  const paidFrom = told.get('paid-from');
  const shop = told.get('shop');
  const amount = told.get('amount');
  const room = told.get('room');
  let changed = entry;
  if (spend !== undefined) changed = { ...changed, spend: spend as typeof entry.spend };
  if (paidFrom === 'budget' || paidFrom === 'contingency')
    changed = { ...changed, drawsOn: paidFrom };
  if (shop !== undefined) changed = { ...changed, shop: shop || null };
  if (amount !== undefined && Number.isSafeInteger(Number(amount))) {
    const total = cents(Number(amount));
    const before = addCents(entry.shares.map((share) => share.cents));
    const ratio = before === 0 ? 0 : total / before;
    const scaled = entry.shares.map((share) => ({ ...share, cents: cents(share.cents * ratio) }));
    const off = total - addCents(scaled.map((share) => share.cents));
    changed = {
      ...changed,
      shares: scaled.map((share, at) =>
        at === 0 ? { ...share, cents: cents(share.cents + off) } : share,
      ),
    };
  }
  if (room !== undefined) {
    const all = addCents(changed.shares.map((share) => share.cents));
    changed = { ...changed, shares: [{ placeId: (room as PlaceId) || null, cents: all }] };
  }
  return changed;
}

/** An entry with the room put right; work and progress take theirs from the job. */
function withRoomTold(entry: Entry, told: Told): Entry {
  const room = told.get('room');
  if (room === undefined || entry.kind === 'money' || !('placeId' in entry)) return entry;
  if (entry.kind === 'hours' && entry.jobId !== null) return entry;
  return { ...entry, placeId: (room as PlaceId) || null };
}

/** Why entries are asked about before they are kept, though the words are clear. */
function doubtOf(
  entries: readonly Entry[],
  date: PlainDate,
  statement: Statement,
  worked: ReadonlyMap<string, number>,
  context: LogContext,
): QuestionCode | null {
  if (date < context.firstDay) return 'before-start';
  if (date > context.today) return 'future';
  const isOdd = statement.facts.stretch.tokens.some(
    ({ text }) => context.numberStyle === 'point' && /^\d{1,3}(?:\.\d{3})+$/.test(text),
  );
  if (isOdd && entries.some(({ kind }) => kind === 'money' || kind === 'quote'))
    return 'odd-figure';
  const foreign = statement.facts.money.some(
    ({ currency }) => currency !== null && isForeign(currency, context),
  );
  if (foreign) return 'currency';
  for (const entry of entries) {
    if (entry.kind === 'hours') {
      const all = (worked.get(`${entry.personId} ${date}`) ?? 0) + entry.minutes;
      if (all > LONG_DAY) return 'long-day';
    }
    if (entry.kind === 'money' && context.budget !== null && context.budget > 0) {
      const total = addCents(entry.shares.map((share) => share.cents));
      if (Math.abs(total) * LARGE_PART > context.budget && !entry.committed) return 'large-sum';
    }
    if (entry.kind === 'progress' && entry.share !== undefined) {
      const job = context.jobs.find(({ id }) => id === entry.jobId);
      // A line of long ago is measured by what was known then, and that is not kept.
      const before = job?.toldOn && job.toldOn > date ? null : (job?.share ?? null);
      if (before !== null && entry.share < before) return 'goes-back';
    }
  }
  return null;
}

/** The dollar sign stands for the dollars of three countries. */
const isForeign = (currency: string, { currency: own }: LogContext): boolean =>
  currency !== own && !(currency === 'USD' && /^(?:USD|CAD|AUD)$/.test(own));

const onDay = (entry: Entry, date: PlainDate, main: PlainDate): Entry =>
  date === main ? entry : { ...entry, on: date };

function questionOf(
  about: string,
  part: Pick<Part, 'span'>,
  { code, slot, options }: NonNullable<Made['ask']>,
): Question {
  return {
    id: `${code}:${about}`,
    code,
    slot,
    about,
    span: part.span,
    choices: [
      ...options.map(({ label, value, entries }) => ({
        label,
        entries,
        answer: { slot, about, value },
      })),
      {
        label: { is: 'leave-out' },
        entries: [],
        answer: { slot: 'kind', about, value: 'leave-out' },
      },
    ],
  };
}

/** Words of a statement that nothing in the house knows: the owner's own, perhaps. */
const strangeWords = ({ stretch }: Facts, { lexicon }: LogContext): string[] =>
  stretch
    .freeWords(() => true)
    .map((at) => stretch.line.tokens[at]?.word ?? '')
    .filter(
      (word) => word.length > 3 && !lexicon.words.has(word) && !lexicon.byStem.has(stem(word)),
    );

/** Not one word that the house, or talk, knows. */
const isNonsense = (facts: Facts, context: LogContext): boolean =>
  strangeWords(facts, context).length ===
  facts.stretch.tokens.filter(({ kind }) => kind === 'word').length;

const isNoteOf = (entries: readonly Entry[]): boolean =>
  entries.length > 0 && entries.every(({ kind }) => kind === 'note');

/** "Screws 8.40, brackets 12.60, both porch": the room of all receipts before it. */
function sharedRoom(behind: readonly Dated[], here: Statement): PlaceId | null {
  const last = behind.findLast(({ statement }) => statement.sentence === here.sentence)?.statement;
  if (last?.kind !== 'money') return null;
  const both = last.facts.stretch.marked('person').find(({ all }) => all);
  const room = last.facts.stretch.marked('place').find(({ at }) => at === both?.to);
  return room?.ids[0] ?? null;
}

/** What one does in a room, and uses up there. */
const IN_ONE_ROOM: ReadonlySet<Kind> = new Set(['hours', 'progress', 'material', 'leftover']);

class Reader {
  private memory: Memory = { place: null, jobId: null, people: null, afterFind: false };
  private readonly worked = new Map<string, number>();
  readonly parts: Part[] = [];
  /** Other days the day said in front may mean. */
  private looseDays: readonly PlainDate[] = [];

  constructor(
    readonly context: LogContext,
    readonly main: PlainDate,
  ) {}

  read(dated: readonly Dated[], at: number, told: Told): void {
    const one = dated[at];
    if (!one) return;
    const { statement } = one;
    const { facts } = statement;
    const about = facts.stretch.text;
    const answeredKind = told.get('kind');
    const kind =
      answeredKind && answeredKind !== 'leave-out' ? (answeredKind as Kind) : statement.kind;
    this.looseDays = one.or;
    const days = this.daysOf(one, told);
    const part: Part = {
      about,
      span: facts.stretch.span,
      kind,
      date: days[0] ?? this.main,
      entries: [],
      question: null,
      jobs: [],
      stranger: kind === 'hours' ? strangerIn(facts.stretch, this.context) : null,
      strangeWords: strangeWords(facts, this.context),
      answered: [...told.keys()],
    };
    const again = this.sameAgain(statement);
    if (again.length > 0) {
      part.kind = 'hours';
      part.entries = again.map((entry) => ({ ...entry }));
      this.parts.push(part);
      return;
    }
    if (answeredKind === 'leave-out') {
      this.parts.push(part);
      return;
    }
    if (kind === 'nothing') {
      // A day or a sign alone says nothing; a name alone, or "the same" of no day's work, is kept as words.
      if (facts.stretch.marks.length === 0 || about === '') return;
      part.kind = 'note';
      part.entries = [{ kind: 'note', text: about, placeId: this.memory.place }];
      this.parts.push(part);
      return;
    }
    this.lookAhead(dated, at);
    const ahead = kind === 'hours' ? aheadOf(dated, at, this.memory, this.context) : NOTHING_AHEAD;
    const withDue = one.due.length > 0 ? withDueDay(statement, one.due) : statement;
    let made = madeOf(withDue, kind, told, ahead, this.memory, this.context);
    if (kind === 'note' && answeredKind === undefined) {
      made = barelyNamed(statement, this.memory, this.context) ?? made;
    }
    const isLeft =
      answeredKind === undefined &&
      told.get('sure') === undefined &&
      (figuresLeft(statement, kind) > 0 || (facts.oddFigures > 0 && !facts.opensWith('note')));
    if (!made.ask && made.entries.length === 0 && about !== '') {
      made = {
        entries: sayingMade(statement, 'note', this.memory, this.context).entries,
        wordsKept: true,
      };
    }
    if (
      !made.ask &&
      kind !== 'note' &&
      isNoteOf(made.entries) &&
      figuresLeft(statement, 'note') > 0
    ) {
      made = { ...made, entries: [], ask: kindsAsked(statement, this.memory, this.context) };
    }
    const isAlone = dated.length === 1 && answeredKind === undefined;
    if (kind === 'note' && !made.ask && isAlone && isNonsense(facts, this.context)) {
      made = { ...made, entries: [], ask: kindsAsked(statement, this.memory, this.context) };
    }
    if (isLeft && !made.ask)
      made = { ...made, entries: [], ask: kindsAsked(statement, this.memory, this.context) };
    part.jobs = made.jobs ?? [];
    if (made.ask) part.question = questionOf(about, part, this.askedOn(made.ask, days));
    else this.keep(part, made, days, told, statement);
    this.remember(made, kind, facts);
    this.parts.push(part);
  }

  /** "2h taping and 1h sanding in the back bedroom": the one room a sentence names is meant throughout. */
  private lookAhead(dated: readonly Dated[], at: number): void {
    const here = dated[at]?.statement;
    const shared = here?.kind === 'money' ? sharedRoom(dated.slice(at + 1), here) : null;
    if (shared && this.memory.place === null) this.memory = { ...this.memory, place: shared };
    if (!here || this.memory.place !== null || placesSaid(here.facts.stretch).all.length > 0)
      return;
    const behind = dated
      .slice(at + 1)
      .filter(
        ({ statement }) => statement.sentence === here.sentence && IN_ONE_ROOM.has(statement.kind),
      )
      .flatMap(({ statement }) => placesSaid(statement.facts.stretch).all);
    const [only, second] = [...new Set(behind)];
    if (only && second === undefined) this.memory = { ...this.memory, place: only };
  }

  /** "Same as yesterday": the hours of that day once more. */
  private sameAgain({ facts }: Statement): Entry[] {
    if (!facts.has('same') || facts.durations.length > 0 || facts.content > 0) return [];
    const day = facts.days[0]?.day.past ?? this.context.worked.at(-1)?.date;
    return this.context.worked.flatMap(({ date, entry }) =>
      date === day ? [{ ...entry, on: undefined }] : [],
    );
  }

  private daysOf({ days }: Dated, told: Told): PlainDate[] {
    const answered = told.get('day');
    return answered ? [answered as PlainDate] : [...new Set(days)];
  }

  private askedOn(
    ask: NonNullable<Made['ask']>,
    days: readonly PlainDate[],
  ): NonNullable<Made['ask']> {
    const options = ask.options.map((option) => ({
      ...option,
      entries: days.flatMap((date) => option.entries.map((entry) => onDay(entry, date, this.main))),
    }));
    return { ...ask, options };
  }

  private keep(
    part: Part,
    made: Made,
    days: readonly PlainDate[],
    told: Told,
    statement: Statement,
  ): void {
    const entries = made.entries.map((entry) => withRoomTold(withMoneyTold(entry, told), told));
    const withNote = made.wordsKept ? entries : [...entries, ...this.noteOf(statement, made)];
    const all = days.flatMap((date) => withNote.map((entry) => onDay(entry, date, this.main)));
    const doubt =
      told.get('sure') === 'yes'
        ? null
        : (days
            .map((date) => doubtOf(entries, date, statement, this.worked, this.context))
            .find((code) => code !== null) ?? null);
    if (
      days.length > 1 &&
      !doubt &&
      entries.some(({ kind }) => kind === 'hours') &&
      !statement.facts.has('each') &&
      told.get('sure') === undefined
    ) {
      part.question = questionOf(part.about, part, {
        code: 'whose-time',
        slot: 'sure',
        options: [{ label: { is: 'as-said' }, value: 'yes', entries: all }],
      });
      return;
    }
    const or =
      told.get('day') === undefined ? statement.facts.days.flatMap(({ day }) => day.or ?? []) : [];
    const leads = this.looseDays;
    if ((or.length > 0 || leads.length > 0) && told.get('day') === undefined) {
      const all = [...new Set([...days, ...(or.length > 0 ? or : leads)])];
      part.question = questionOf(part.about, part, {
        code: 'which-day',
        slot: 'day',
        options: all.map((date) => ({
          label: { is: 'day', date },
          value: date,
          entries: withNote.map((entry) => onDay(entry, date, this.main)),
        })),
      });
      return;
    }
    if (doubt) {
      part.question = questionOf(part.about, part, this.doubted(doubt, part, withNote, all));
      return;
    }
    if (told.get('sure') === undefined && entries.some((entry) => this.isTwice(entry))) {
      part.question = questionOf(part.about, part, {
        code: 'whose-time',
        slot: 'sure',
        options: [{ label: { is: 'as-said' }, value: 'yes', entries: all }],
      });
      return;
    }
    for (const date of days) {
      for (const entry of entries) {
        if (entry.kind !== 'hours') continue;
        const key = `${entry.personId} ${date}`;
        this.worked.set(key, (this.worked.get(key) ?? 0) + entry.minutes);
      }
    }
    part.entries = all;
  }

  /** Somebody's time on a job that this line has told already. */
  private isTwice(entry: Entry): boolean {
    return (
      entry.kind === 'hours' &&
      this.parts.some(({ entries }) =>
        entries.some(
          (one) =>
            one.kind === 'hours' &&
            one.personId === entry.personId &&
            one.jobId === entry.jobId &&
            one.placeId === entry.placeId &&
            one.on === entry.on,
        ),
      )
    );
  }

  private doubted(
    code: QuestionCode,
    part: Part,
    entries: readonly Entry[],
    all: Entry[],
  ): NonNullable<Made['ask']> {
    const { today } = this.context;
    if (code === 'before-start' || code === 'future') {
      return {
        code,
        slot: 'day',
        options: [
          {
            label: { is: 'day', date: today },
            value: today,
            entries: entries.map((entry) => onDay(entry, today, this.main)),
          },
          ...(code === 'future'
            ? [
                {
                  label: labelledKind('next'),
                  value: part.date,
                  entries: [
                    { kind: 'next' as const, text: part.about, day: part.date, placeId: null },
                  ],
                },
              ]
            : []),
        ],
      };
    }
    return {
      code,
      slot: 'sure',
      options: [{ label: { is: 'as-said' }, value: 'yes', entries: all }],
    };
  }

  /** Words that the entries do not hold, as the note of their statement. */
  private noteOf({ facts, kind }: Statement, made: Made): Entry[] {
    if (kind !== 'hours' && kind !== 'progress') return [];
    const step = this.context.lexicon.steps.find(({ jobs }) =>
      jobs.some(({ id }) => id === made.job?.id),
    );
    const used = new Set<number>();
    const { line } = facts.stretch;
    for (const at of facts.stretch.freeWords(() => true)) {
      const word = line.tokens[at]?.word ?? '';
      if (
        FILLER.has(word) ||
        word in ONES ||
        step?.stems.has(stem(word)) ||
        this.context.lexicon.byStem.has(stem(word))
      )
        used.add(at);
    }
    const text = leftWords(facts.stretch, used);
    return text === '' ? [] : [{ kind: 'note', text, placeId: made.place ?? this.memory.place }];
  }

  private remember(made: Made, kind: Kind, facts: Facts): void {
    const { all } = placesSaid(facts.stretch);
    const spends = kind === 'money' || kind === 'quote';
    this.memory = {
      // A receipt's rooms are its own: they do not become the room the talk is about.
      place: spends ? this.memory.place : (made.job?.placeId ?? all[0] ?? this.memory.place),
      jobId: made.job?.id ?? this.memory.jobId,
      people: made.people ?? this.memory.people,
      afterFind: kind === 'find' || (spends && this.memory.afterFind),
    };
  }
}

/** A statement that looks ahead, with the day that was said behind it. */
function withDueDay(statement: Statement, due: readonly Statement[]): Statement {
  const days = [...statement.facts.days, ...due.flatMap(({ facts }) => facts.days)];
  return {
    ...statement,
    facts: Object.assign(Object.create(Facts.prototype) as Facts, statement.facts, { days }),
  };
}

/** A failed visit's reason said as a sentence of its own, and weather said in several words, belong together. */
function joined(parts: readonly Part[]): Part[] {
  const out: Part[] = [];
  for (const part of parts) {
    const before = out.at(-1);
    const [last] = before?.entries ?? [];
    const [entry] = part.entries;
    const isOne = before && part.entries.length === 1 && before.entries.length === 1;
    if (isOne && last?.kind === 'weather' && entry?.kind === 'weather') {
      const text = `${last.text}, ${entry.text}`;
      out[out.length - 1] = {
        ...before,
        entries: [{ ...last, text }],
        span: { from: before.span.from, to: part.span.to },
      };
    } else if (
      isOne &&
      last?.kind === 'inspection' &&
      last.result === 'failed' &&
      last.note === null &&
      entry?.kind === 'note'
    ) {
      out[out.length - 1] = {
        ...before,
        entries: [{ ...last, note: entry.text }],
        span: { from: before.span.from, to: part.span.to },
      };
    } else out.push(part);
  }
  return out;
}

/** Joining words and signs: of the tokens that no typed thing, name or cue holds. */
function ignoredIn(line: Line, parts: readonly Part[]): Span[] {
  const held = new Set<number>();
  for (const { at, to } of [...line.items, ...line.marks]) {
    for (let one = at; one < to; one += 1) held.add(one);
  }
  const isIn = ({ from, to }: Span) =>
    parts.some(
      ({ span, entries, question }) =>
        span.from <= from && to <= span.to && (entries.length > 0 || question !== null),
    );
  return line.tokens.flatMap((token, at) => {
    const isJoining = token.kind === 'sign' || FILLER.has(token.word);
    const isIgnored = !isIn(token) || (isJoining && !held.has(at));
    return isIgnored ? [{ from: token.from, to: token.to }] : [];
  });
}

/**
 * Reads an evening said in one breath. What comes out is right or asked: whatever could mean two things is a question
 * with its choices, every figure and name stands in an entry or a question, and words that say nothing else become
 * the note of their statement. `answers` are what the owner put right before, by slot.
 */
export function readLine(
  text: string,
  context: LogContext,
  /** The day meant when the line names none: today, or the day of a line being corrected. */
  dayUnlessSaid: PlainDate = context.today,
  answers: readonly Answer[] = [],
  /** The day it was said on, from which "yesterday" and "Tue" count. */
  saidOn: PlainDate = context.today,
): Reading {
  if (text.trim() === '')
    return { date: dayUnlessSaid, parts: [], ignored: [], fault: { code: 'empty' } };
  const line = lineOf(text.slice(0, LONGEST_LINE), { ...context, today: saidOn });
  const dated = datedStatements(statementsOf(line), dayUnlessSaid);
  const main = dated[0]?.days[0] ?? dayUnlessSaid;
  const told = answersFor(
    dated.map(({ statement }) => statement.facts.stretch.text),
    answers,
  );
  const reader = new Reader(context, main);
  dated.forEach((_, at) => reader.read(dated, at, told[at] ?? new Map<Slot, string>()));
  const parts = joined(reader.parts);
  return { date: main, parts, ignored: ignoredIn(line, parts), fault: null };
}

/** The entries of a reading, and the questions that nobody answered yet. */
export function settle(reading: Reading): { entries: Entry[]; open: Question[] } {
  return {
    entries: reading.parts.flatMap(({ entries }) => entries),
    open: reading.parts.flatMap(({ question }) => question ?? []),
  };
}
