import { readFileSync } from 'node:fs';
import { answerTakeoff, SUMS } from '../../src/core/takeoff';
import { sumsDocument } from './document';
import { EXAMPLES } from './examples';

describe('the sums in docs/sums.md', () => {
  it('is what the code and the examples say', () => {
    expect(readFileSync('docs/sums.md', 'utf8')).toBe(sumsDocument());
  });

  it.each(SUMS.map(({ kind }) => kind))('%s comes to what was worked by hand', (kind) => {
    const example = EXAMPLES[kind];
    if (!example) throw new Error(`no example of ${kind}`);
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
