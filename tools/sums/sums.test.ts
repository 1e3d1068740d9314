import { readFileSync } from 'node:fs';
import { answerTakeoff, CALCULATORS } from '../../src/core/estimating/calculators';
import { sumsDocument } from './document';
import { EXAMPLES, METRIC_EXAMPLES, type Example } from './examples';

describe('the sums in docs/sums.md', () => {
  it('is what the code and the examples say', () => {
    expect(readFileSync('docs/sums.md', 'utf8')).toBe(sumsDocument());
  });

  it('has an example of every sum', () => {
    expect(CALCULATORS.map(({ kind }) => kind).filter((kind) => !EXAMPLES[kind])).toEqual([]);
  });

  const both: [string, Example][] = [
    ...Object.entries(EXAMPLES),
    ...Object.entries(METRIC_EXAMPLES).map(([kind, each]): [string, Example] => [
      `${kind} in metres`,
      each,
    ]),
  ];
  it.each(both)('%s comes to what was worked by hand', (_, example) => {
    const answer = answerTakeoff(JSON.stringify(example.ask));
    if (!answer.ok) throw new Error(JSON.stringify(answer.error));
    const found = new Map(answer.value.lines.map(({ id, quantity }) => [id, quantity]));
    for (const [id, quantity] of Object.entries(example.answers)) {
      expect([id, found.get(id)]).toEqual([id, expect.closeTo(quantity, 2)]);
    }
    for (const { working, source, quantity } of answer.value.lines) {
      expect(working).not.toBe('');
      expect(source).not.toBe('');
      expect(Number.isFinite(quantity)).toBe(true);
    }
  });
});
