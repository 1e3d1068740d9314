import type { Answer } from '../../house';
import { logJobs } from './log-jobs';
import { added, chosen, houseOf, place } from '../../testing/houses';
import { plainDate } from '../../units';
import { contextOf, lessonsOf, readLine, saidOnOf, settle } from '.';
import type { EventBodyOf } from '../../journal';

const today = plainDate('2026-03-14');
const BASE: readonly EventBodyOf[] = [
  added(place('back', 'bedroom', 12, 'Back bedroom')),
  added(place('kitchen', 'kitchen', 12, 'Kitchen')),
  chosen('back', 'reline'),
];
const contextWith = (...events: EventBodyOf[]) => {
  const project = houseOf(...BASE, ...events);
  return contextOf(project, logJobs(project), today);
};
const context = contextWith();
const lessons = (line: string, answers: readonly Answer[] = []) =>
  lessonsOf(readLine(line, context, today, answers), answers, context);

describe('what a line teaches', () => {
  const bakehouse = { word: 'bakehouse', means: { is: 'place', of: 'kitchen' } } as const;

  it.each(['the bakehouse is the kitchen', 'we call the kitchen the bakehouse'])('"%s"', (line) => {
    expect(lessons(line)).toEqual([bakehouse]);
  });

  it('a strange name said to be somebody known, and a strange word whose job was named', () => {
    const name = '1h Annie taping back bedroom';
    expect(lessons(name, [{ slot: 'who', about: name, value: 'ana' }])).toEqual([
      { word: 'annie', means: { is: 'person', of: 'ana' } },
    ]);
    const own = '2h me flumming back bedroom';
    expect(lessons(own, [{ slot: 'job', about: own, value: 'back/board.tape' }])).toEqual([
      { word: 'flumming', means: { is: 'job', of: 'board.tape' } },
    ]);
  });

  it('nothing that is known, and nothing that was not said', () => {
    expect(lessons('2h me taping back bedroom')).toEqual([]);
    expect(lessons('the kitchen is the kitchen')).toEqual([]);
    expect(lessons('the weather is the worst')).toEqual([]);
  });

  it('what was taught is read, and forgotten it is not', () => {
    const taught: EventBodyOf = { type: 'wordTaught', payload: bakehouse };
    const forgotten: EventBodyOf = { type: 'wordForgotten', payload: { word: 'bakehouse' } };
    const room = (...events: EventBodyOf[]) =>
      settle(readLine('$40 nails bakehouse', contextWith(...events))).entries[0];
    expect(room(taught)).toMatchObject({ what: 'nails', shares: [{ placeId: 'kitchen' }] });
    expect(room(taught, forgotten)).toMatchObject({ shares: [{ placeId: null }] });
    const own: EventBodyOf = {
      type: 'wordTaught',
      payload: { word: 'flumming', means: { is: 'job', of: 'board.tape' } },
    };
    expect(
      settle(readLine('2h me flumming back bedroom', contextWith(own))).entries[0],
    ).toMatchObject({ jobId: 'back/board.tape' });
  });

  it('what was declined is not offered again', () => {
    const declined = contextWith({
      type: 'wordTaught',
      payload: { word: 'bakehouse', means: { is: 'nothing', of: 'nothing' } },
    });
    const line = 'the bakehouse is the kitchen';
    expect(lessonsOf(readLine(line, declined), [], declined)).toEqual([]);
  });
});

describe('a line of long ago', () => {
  const kept = { date: plainDate('2026-03-05'), line: 'yesterday 2h taping back bedroom' };

  it('was said on the day from which its words lead to its own', () => {
    expect(saidOnOf(kept, context)).toBe('2026-03-06');
    expect(saidOnOf({ ...kept, saidOn: plainDate('2026-03-07') }, context)).toBe('2026-03-07');
    expect(saidOnOf({ ...kept, line: '2h taping back bedroom' }, context)).toBe('2026-03-05');
  });

  it('read again on any later day it stays on its own', () => {
    const saidOn = saidOnOf(kept, context);
    for (const line of [kept.line, 'yesterday 3h taping back bedroom']) {
      expect(readLine(line, context, kept.date, [], saidOn).date).toBe(kept.date);
    }
  });
});

describe('works chosen by a line', () => {
  const works = (line: string) =>
    settle(readLine(line, context)).entries.flatMap((entry) =>
      entry.kind === 'decision' ? (entry.works ?? []) : [],
    );

  it.each([
    ['kitchen: new floor and repaint', ['new-floor', 'repaint']],
    ['the back bedroom gets a new ceiling', ['reline-ceiling']],
    ['back bedroom: carpet, shelves', ['carpet', 'shelves']],
    // Not a work, done work, and a room of another kind.
    ['kitchen: new elephants', []],
    ['kitchen: 2h repaint', []],
    ['back bedroom: new roof', []],
  ])('"%s"', (line, expected) => {
    expect(works(line)).toEqual(expected);
  });
});
