import { frozenNow, frozenThen, unannounced, type Frozen } from './frozen';

const then: Frozen = {
  journal: 3,
  events: { dayLogged: '1 aa', placeAdded: '2 bb' },
  reducer: 5,
  houses: { 'demo.v1.json': 'xx' },
};

describe('old journals', () => {
  it('read as they were frozen: a change has its new number and was frozen with npm run freeze', () => {
    expect(unannounced(frozenThen(), frozenNow())).toEqual([]);
    expect(frozenNow()).toEqual(frozenThen());
  });

  it.each([
    ['a schema changed', { events: { ...then.events, dayLogged: '1 cc' } }, /dayLogged changed/],
    ['a kind is gone', { events: { dayLogged: '1 aa' } }, /placeAdded is gone/],
    ['a kind is new', { events: { ...then.events, visit: '1 dd' } }, /JOURNAL_VERSION/],
    ['a house comes out otherwise', { houses: { 'demo.v1.json': 'yy' } }, /REDUCER_VERSION/],
  ])('%s without a number that says so: it is told', (_, change, words) => {
    expect(unannounced(then, { ...then, ...change }).join('; ')).toMatch(words);
  });

  it('a change that is announced may be frozen', () => {
    const now = {
      ...then,
      journal: 4,
      events: { ...then.events, dayLogged: '2 cc' },
      reducer: 6,
      houses: { 'demo.v1.json': 'yy' },
    };
    expect(unannounced(then, now)).toEqual([]);
  });
});
