import { expect, test } from '@playwright/test';
import { wordFaults } from './words';

test('the list of words knows ids, doubled words and false plurals, and lets plain sentences be', () => {
  for (const [line, fault] of [
    ['paid for materials materials', /twice/],
    ['1 works chosen', /1 works/],
    ['job back-bed/board.tape', /job’s id/],
    ['by 3f2504e0-4f89-41d3-9a0c-0305e82c3301', /an id/],
    ['nought left', /nought/],
    ['done on undefined', /value/],
    ['waitsFor two jobs', /code/],
  ] as const) {
    expect(wordFaults(line).join()).toMatch(fault);
  }
  for (const line of [
    '1 bag of screws, 2 works',
    'It had had its day',
    '2h 30 for 1 glass door',
    '12 1 inch boards',
  ]) {
    expect(wordFaults(line)).toEqual([]);
  }
});
