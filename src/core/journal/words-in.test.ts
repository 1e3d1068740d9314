import fc from 'fast-check';
import { wordsIn } from './words-in';

describe('what an unreadable text says', () => {
  it.each([
    [
      'the line and the day of an evening',
      '{"type":"dayLogged","payload":{"line":"48h leveller","date":"2026-03-13","entries":[{"minutes":-5}]}}',
      { words: '48h leveller', date: '2026-03-13', isLine: true },
    ],
    [
      'the line alone, where the day is none',
      '{"payload":{"line":"2h me","date":"2026-02-31"}}',
      { words: '2h me', date: null, isLine: true },
    ],
    [
      'what is left of a torn line',
      '[{"id":"x","type":"dayLogged","payload":{"line":"2h me \\"taping',
      { words: '2h me \\"taping', date: null, isLine: true },
    ],
    [
      'the words of another event, longest first, without ids and kinds',
      '{"id":"e1","type":"placeAdded","device":"d","payload":{"id":"r1","name":"Box","note":"under the roof","kind":"box-room"}}',
      { words: 'under the roof · Box', date: null, isLine: false },
    ],
    ['itself, where it holds none', '{"torn', { words: '{"torn', date: null, isLine: false }],
  ])('is %s', (_, raw, said) => {
    expect(wordsIn(raw)).toEqual(said);
  });

  it('is never nothing and never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.oneof(fc.json(), fc.string({ minLength: 1 })), (raw) => {
        expect(wordsIn(raw).words.length).toBeGreaterThan(0);
      }),
    );
  });
});
