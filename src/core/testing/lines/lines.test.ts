import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { contextOf } from '../../log/reader/context';
import { logJobs } from '../../log/reader/log-jobs';
import { readLine, settle } from '../../log/reader/read';
import { COTTAGE, FARMHOUSE, TERRACE, type LineHouse } from './houses';
import { linesOf, verdictOn, type Verdict } from './score';

const FILES: readonly (readonly [string, LineHouse])[] = [
  ['terrace', TERRACE],
  ['farmhouse', FARMHOUSE],
  ['cottage', COTTAGE],
];

/** How many lines of a file came out how, and how many asked something. */
function tallyOf(name: string, { project, today }: LineHouse) {
  const context = contextOf(project, logJobs(project), today);
  const lines = linesOf(readFileSync(join(__dirname, `${name}.txt`), 'utf8'));
  const verdicts = lines.map((line) => [line.line, verdictOn(line, context)] as const);
  const count = (verdict: Verdict) => verdicts.filter(([, one]) => one === verdict).length;
  const asking = lines.filter(({ line }) => settle(readLine(line, context)).open.length > 0).length;
  return {
    lines: lines.length,
    good: count('right') + count('asked'),
    asking,
    bad: verdicts.filter(([, one]) => one !== 'right' && one !== 'asked'),
  };
}

describe('lines people might say of an evening', () => {
  it('are two hundred and more', () => {
    const all = FILES.map(([name, house]) => tallyOf(name, house).lines);
    expect(all.reduce((sum, lines) => sum + lines, 0)).toBeGreaterThanOrEqual(200);
  });

  it.each(FILES)('in the %s come out right, or are asked with the right choice', (name, house) => {
    const { bad } = tallyOf(name, house);
    expect(bad).toEqual([]);
  });

  it.each(FILES)('in the %s ask in fewer than one of five', (name, house) => {
    const { lines, asking } = tallyOf(name, house);
    expect(asking / lines).toBeLessThan(0.2);
  });
});
