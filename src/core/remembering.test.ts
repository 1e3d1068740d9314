import fc from 'fast-check';
import { remembering, rememberingOf } from './remembering';

describe('a function that remembers', () => {
  it('answers as the function itself, however little it keeps', () => {
    fc.assert(
      fc.property(fc.array(fc.nat({ max: 9 })), fc.integer({ min: 1, max: 4 }), (keys, most) => {
        const square = remembering(most, (key: number) => key * key);
        expect(keys.map(square)).toEqual(keys.map((key) => key * key));
      }),
    );
  });

  it('works an answer out once while it is kept, and forgets all where one more would be kept', () => {
    const asked: number[] = [];
    const double = remembering(2, (key: number) => {
      asked.push(key);
      return key * 2;
    });
    for (const key of [1, 1, 2, 1, 3, 1]) double(key);
    expect(asked).toEqual([1, 2, 3, 1]);
  });

  it('keeps answers of each thing apart, those that are nothing too', () => {
    const asked: string[] = [];
    const of = rememberingOf(
      2,
      (part: string) => part,
      (thing: { name: string }, part: string) => {
        asked.push(thing.name + part);
        return part === 'none' ? undefined : thing.name + part;
      },
    );
    const [a, b] = [{ name: 'a' }, { name: 'b' }];
    expect([of(a, 'x'), of(b, 'x'), of(a, 'x'), of(a, 'none'), of(a, 'none')]).toEqual([
      'ax',
      'bx',
      'ax',
      undefined,
      undefined,
    ]);
    expect(asked).toEqual(['ax', 'bx', 'anone']);
  });
});
