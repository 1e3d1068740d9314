import type { Entry } from '../../house';
import type { PlainDate } from '../../units';
import { IN_ONE_ROOM, aheadOf, sharedRoom } from './beside';
import type { LogContext } from './context';
import { withDueDay, type Dated } from './dated';
import { doubtOf } from './doubt';
import type { Facts } from './frames';
import { placesSaid } from './jobs';
import type { Kind } from './kinds';
import { barelyNamed, figuresLeft, kindsAsked, labelledKind, madeOf, sayingMade } from './made';
import type { Memory, Part, Question, QuestionCode } from './reading';
import type { Statement } from './segment';
import { withMoneyTold, withRoomTold } from './slots';
import { isNonsense, strangeWords } from './strange';
import { leftWords } from './things';
import { NOTHING_AHEAD, type Made, type Told } from './making';
import { strangerIn } from './strangers';
import { ONES } from '../../language/number-words';
import { FILLER, stem } from '../../language/stems';

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

const isNoteOf = (entries: readonly Entry[]): boolean =>
  entries.length > 0 && entries.every(({ kind }) => kind === 'note');

export class Reader {
  private memory: Memory = {
    place: null,
    jobId: null,
    afterFind: false,
    at: null,
  };
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
    // A job that is asked about is nobody's memory yet.
    const job = made.ask?.slot === 'job' || made.ask?.slot === 'kind' ? null : (made.job ?? null);
    this.memory = {
      // A receipt's rooms are its own: they do not become the room the talk is about.
      place: spends ? this.memory.place : (job?.placeId ?? all[0] ?? this.memory.place),
      jobId: job?.id ?? this.memory.jobId,
      afterFind: kind === 'find' || (spends && this.memory.afterFind),
      at: made.entries.find((entry) => entry.kind === 'behind') ?? this.memory.at,
    };
  }
}
