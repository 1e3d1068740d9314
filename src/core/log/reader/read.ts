import type { Answer, Entry } from '../../house';
import type { PlainDate } from '../../units';
import { answersFor } from './answers';
import type { LogContext } from './context';
import { datedStatements } from './dated';
import { lineOf, type Line } from './line';
import { Reader } from './reader';
import type { Part, Question, Reading, QuestionSlot } from './reading';
import { statementsOf } from './segment';
import type { Span } from '../../language/tokens';
import { FILLER } from '../../language/stems';

/** More than this is no evening but a slip. */
const LONGEST_LINE = 10_000;

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
  dated.forEach((_, at) => reader.read(dated, at, told[at] ?? new Map<QuestionSlot, string>()));
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
