import { behindMade } from './behind';
import type { Entry, JobId } from '../../house';
import type { LogContext } from './context';
import type { Kind } from './kinds';
import { jobsFor, nearBest, placesSaid } from './jobs';
import { moneyIn, quotedIn } from './money';
import type { Label, Memory } from './reading';
import { SAYINGS, visitsFor } from './sayings';
import type { Statement } from './segment';
import { NOTHING_AHEAD, type Ahead, type Made, type Told } from './making';
import { progressMade } from './progress';
import { workMade } from './work';

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

/** The entries and questions of a statement of its kind. */
export function sayingMade(
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

/** The same of a statement as it was read or answered. */
export function madeOf(
  statement: Statement,
  kind: Kind,
  told: Told,
  ahead: Ahead,
  memory: Memory,
  context: LogContext,
): Made {
  if (kind === 'hours') return workMade(statement, told, ahead, memory, context);
  if (kind === 'behind') return behindMade(statement, told, memory, context);
  if (kind === 'progress') return progressMade(statement, told, memory, context);
  return sayingMade(statement, kind, memory, context, told);
}

/** Figures that a kind of statement cannot hold: left over, they make a question. */
export function figuresLeft({ facts }: Statement, kind: Kind): number {
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
    case 'behind':
    case 'punch':
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

/** A kind as the label of a choice. */
export const labelledKind = (kind: Kind): Label => ({ is: 'kind', kind });

type Option = NonNullable<Made['ask']>['options'][number];

/** A statement that could be several things: the kinds that fit, best first. */
export function kindsAsked(
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
export function barelyNamed(
  statement: Statement,
  memory: Memory,
  context: LogContext,
): Made | null {
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
