import type { Forecast, PlannedJob } from '@/core/planning/report';
import { minutes, plainDate } from '@/core/units';
import { bandWords, jobPaceWords, keptWords, leftWords, movedWords, paceWords } from './words';

const pace = { kind: 'board', factor: 0.7012, low: 0.55, high: 0.9, jobs: 8, days: 6 };
const learned: Forecast['learned'] = {
  paces: [pace],
  points: [],
  kept: [],
  atGuess: null,
  left: { guessed: minutes(600), planned: minutes(420) },
};
const job = (over: Partial<PlannedJob>) =>
  ({
    stepId: 'board.walls',
    stage: 10,
    work: { kind: 'labour' },
    doneOn: null,
    pace: 0.7,
    left: 420,
    ...over,
  }) as PlannedJob;

describe('what was learned, in words', () => {
  it('says a kind of work in one sentence, and its band', () => {
    expect(paceWords(pace)).toBe(
      'Insulation, board and plaster: at 0.7 of the guess, from 6 days.',
    );
    expect(bandWords(pace)).toContain('between 0.55 and 0.9');
  });

  it('says of a job what its kind says, else that it goes as the rest; nothing of trades or of no log', () => {
    expect(jobPaceWords(job({}), learned)).toContain('planned at 0.7 of the guess, from 6 days');
    expect(jobPaceWords(job({ stepId: 'paint.walls', pace: 0.9 }), learned)).toBe(
      'Painting: planned at 0.9 of the guess, as your other work does.',
    );
    expect(jobPaceWords(job({ work: { kind: 'subcontract' } as never }), learned)).toBeUndefined();
    expect(jobPaceWords(job({}), { ...learned, paces: [] })).toBeUndefined();
  });

  it('says what is left both ways', () => {
    expect(leftWords(learned)).toBe('10h of own work are left by the guesses; as it goes, 7h.');
  });

  it('says what was kept of the hours, and that nothing is known', () => {
    const kept = { personId: 'me' as never, share: 0.8, kept: 15, lost: 5 };
    expect(keptWords(kept, { name: 'Me' })).toBe(
      'Me: 75 of 100 hours meant were kept, from 20 days. The plan takes 80 of 100.',
    );
    const none = { ...kept, kept: 0, lost: 0 };
    expect(keptWords(none, { name: 'Ana' })).toBe(
      'Ana: nothing known yet. The plan takes 80 of 100, as the others keep.',
    );
    expect(keptWords({ ...none, share: 1 }, { name: 'Ana' })).toBe(
      'Ana: nothing known yet. The plan takes 100 of 100.',
    );
  });

  it('says what was learned did to the day', () => {
    const [may, june] = [plainDate('2026-05-10'), plainDate('2026-06-07')];
    const today = plainDate('2026-03-14');
    expect(movedWords(may, june, today)).toBe(
      'At the guesses you would be planned to live there on Sun 10 May; what was learned makes it Sun 7 Jun, 28 days later.',
    );
    expect(movedWords(june, may, today)).toMatch(/Sun 10 May, 28 days sooner\.$/);
    expect(movedWords(may, may, today)).toMatch(/moves that by no day\.$/);
  });
});
