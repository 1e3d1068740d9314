import { Facts, fitsOf, type Fit } from './frames';
import type { Kind } from './kinds';
import { Phrase, type Line } from './line';
import type { MarkOf } from './marks';
import type { Cue } from './words/cues';

/** One statement of a line: a stretch and what it is, with the other ways to read it. */
export type Statement = { kind: Kind; facts: Facts; fits: readonly Fit[]; sentence: number };

/** More pieces than these are never one statement. */
const MOST_PIECES = 9;
/** Fewer statements are likelier than many. */
const EACH = 1;

const LEADS: ReadonlySet<Cue> = new Set([
  'found',
  'decided',
  'quoted',
  'refunded',
  'ordered',
  'used',
  'spent',
  'owes',
  'measured',
  'ahead',
  'weather',
  'begun',
  'thought',
  'nearly',
  'forgot',
  'note',
  'waits',
]);
const JOINS = /^(?:and|also|plus|but|&|\+|then|because|so)$/;
const ENDS = /^[.;!?]$/;

type Piece = { at: number; to: number; sentence: number };

/** "The roofer says he will come": what will be stands in somebody's talk. */
const isTheirTalk = (line: Line, mark: MarkOf<'cue'>): boolean =>
  line.marks.some(
    (one) =>
      one.is === 'cue' && one.cue === 'thought' && one.to <= mark.at && mark.at - one.to <= 2,
  );

/** Where a statement may begin: behind signs and joining words, and in front of what statements begin with. */
function piecesOf(line: Line): Piece[] {
  const { tokens } = line;
  const inside = new Set<number>();
  for (const { at, to } of [...line.items, ...line.marks]) {
    for (let one = at + 1; one < to; one += 1) inside.add(one);
  }
  const starts = new Set<number>();
  const ends = new Set<number>();
  tokens.forEach((token, at) => {
    if (inside.has(at)) return;
    const before = tokens[at - 1];
    const hasBreak = before && line.text.slice(before.to, token.from).includes('\n');
    if (hasBreak) ends.add(at);
    if (token.kind === 'sign' && !line.items.some((item) => item.at === at)) {
      const isDash = /^[-–—]$/.test(token.text) && !token.glued;
      if (ENDS.test(token.text) && !inside.has(at)) ends.add(at + 1);
      else if (/^[,:()/]$/.test(token.text) || isDash) starts.add(at + 1);
    } else if (JOINS.test(token.word)) {
      if (token.word === 'then') ends.add(at);
      else starts.add(at);
    }
  });
  for (const item of line.items) {
    // "1500-1800", "60/40": one figure.
    if (/^[-–/]$/.test(line.tokens[item.at - 1]?.text ?? '') && line.tokens[item.at]?.glued)
      continue;
    if (item.is !== 'percent' && item.is !== 'fraction' && item.is !== 'size') starts.add(item.at);
  }
  for (const mark of line.marks) {
    if (mark.is === 'person') starts.add(mark.at);
    if (mark.is === 'shop') starts.add(mark.at);
    if (mark.is === 'cue' && LEADS.has(mark.cue) && !isTheirTalk(line, mark)) starts.add(mark.at);
    if (mark.is === 'cue' && mark.cue === 'done') starts.add(mark.to);
  }
  const cuts = [...new Set([0, ...starts, ...ends, tokens.length])]
    .filter((at) => at >= 0 && at <= tokens.length)
    .sort((a, b) => a - b);
  const pieces: Piece[] = [];
  let sentence = 0;
  for (let index = 0; index + 1 < cuts.length; index += 1) {
    const [at, to] = [cuts[index] ?? 0, cuts[index + 1] ?? 0];
    if (ends.has(at) && index > 0) sentence += 1;
    pieces.push({ at, to, sentence });
  }
  return pieces;
}

/**
 * Cuts a line into statements. Every way to group its pieces competes, each group read as what it fits best; the
 * groups that together explain most are the statements.
 */
export function statementsOf(line: Line): Statement[] {
  const pieces = piecesOf(line);
  type Best = { score: number; from: number; statement: Statement | null };
  const best: Best[] = [{ score: 0, from: 0, statement: null }];
  for (let end = 1; end <= pieces.length; end += 1) {
    let top: Best | undefined;
    for (let start = end - 1; start >= Math.max(0, end - MOST_PIECES); start -= 1) {
      const [first, last] = [pieces[start], pieces[end - 1]];
      if (!first || !last || first.sentence !== last.sentence) break;
      const facts = new Facts(new Phrase(line, first.at, last.to));
      const fits = fitsOf(facts);
      const [fit] = fits;
      if (!fit) continue;
      const score = (best[start]?.score ?? 0) + fit.score - EACH;
      if (!top || score > top.score + 1e-9) {
        top = {
          score,
          from: start,
          statement: { kind: fit.kind, facts, fits, sentence: first.sentence },
        };
      }
    }
    best[end] = top ?? { score: (best[end - 1]?.score ?? 0) - 10, from: end - 1, statement: null };
  }
  const found: Statement[] = [];
  for (let end = pieces.length; end > 0;) {
    const step = best[end];
    if (step?.statement) found.unshift(step.statement);
    end = step ? step.from : end - 1;
  }
  return found;
}
