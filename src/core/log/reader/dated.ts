import type { PlainDate } from '../../units';
import { Facts } from './frames';
import type { Kind } from './kinds';
import type { Statement } from './segment';

/** Kinds whose day lies ahead: it is when, not the day the line is of. */
const LOOKS_AHEAD: ReadonlySet<Kind> = new Set(['next', 'ordered', 'inspection', 'wait']);

export type Dated = {
  statement: Statement;
  days: PlainDate[];
  /** Other days that the words may mean. */
  or: readonly PlainDate[];
  due: Statement[];
};

/** Which day each statement is of: a day said in front holds until the next; one said behind speaks of what stands before it. */
export function datedStatements(statements: readonly Statement[], unlessSaid: PlainDate): Dated[] {
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

/** A statement that looks ahead, with the day that was said behind it. */
export function withDueDay(statement: Statement, due: readonly Statement[]): Statement {
  const days = [...statement.facts.days, ...due.flatMap(({ facts }) => facts.days)];
  return {
    ...statement,
    facts: Object.assign(Object.create(Facts.prototype) as Facts, statement.facts, { days }),
  };
}
