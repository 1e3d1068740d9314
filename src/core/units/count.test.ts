import { countWords } from '.';

it.each([
  [1, 'board', '1 board'],
  [62, 'board', '62 boards'],
  [3, 'box', '3 boxes'],
  [2, 'stick of 8 ft', '2 sticks of 8 ft'],
  [24, 'ft', '24 ft'],
  [1_200, 'screw', '1,200 screws'],
  [4, 'bench', '4 benches'],
])('%d %s is %s', (count, unit, words) => {
  expect(countWords(count, unit)).toBe(words);
});
