import { idOf } from '@/core/testing/ids';
import type { Survey } from '@/core/house';
import { startingRisk } from '@/core/survey/risk';
import { plainDate } from '@/core/units';
import { elementFormSchema, surveyFrom, typedElement } from './element-form';

const TODAY = plainDate('2026-03-14');
const schema = elementFormSchema({
  currency: 'USD',
  numberStyle: 'point',
  dateOrder: 'month-first',
});

const windows: Survey = {
  placeId: idOf('back'),
  element: 'windows',
  on: plainDate('2026-03-01'),
  condition: 'failing',
  decision: 'replace',
  how: null,
  count: 2,
  reason: 'sill rotten',
  size: '32" x 48"',
  suspicion: 'rot',
  risk: null,
  salvage: { what: 'panes', size: null },
  options: [],
};

function said(over: Partial<ReturnType<typeof typedElement>>, survey = windows) {
  const read = schema.safeParse({ ...typedElement(survey, 'USD'), ...over });
  return read.success
    ? surveyFrom(read.data, survey, TODAY)
    : Object.fromEntries(read.error.issues.map(({ path, message }) => [path.join('.'), message]));
}

describe('all there is to say of an element', () => {
  it('says again what was known, as of today', () => {
    expect(said({})).toEqual({ ...windows, on: TODAY });
  });

  it('keeps the starting guesses of a suspicion open, and the owner’s figures as their own', () => {
    const risk = { ...typedElement(windows, 'USD').risk, chance: '60', dear: '2,000.50' };
    const kept = said({ risk }) as Survey;
    expect(kept.risk).toEqual({
      ...startingRisk('rot'),
      chance: 60,
      cents: { low: 15_000, high: 200_050 },
    });
    expect((said({}, kept) as Survey).risk).toEqual(kept.risk);
  });

  it('forgets figures with the suspicion, and what is kept of a thing that stays', () => {
    expect(said({ suspicion: 'nothing', decision: 'keep' })).toMatchObject({
      suspicion: null,
      risk: null,
      salvage: null,
    });
  });

  it.each([
    [{ count: '0' }, 'count', /from 1 to 99/],
    [{ count: 'two' }, 'count', /from 1 to 99/],
    [
      { risk: { chance: '120', low: '1h', high: '2h', cheap: '1', dear: '2' } },
      'risk.chance',
      /100/,
    ],
    [{ risk: { chance: '9', low: '3h', high: '2h', cheap: '1', dear: '2' } }, 'risk.high', /lower/],
    [{ risk: { chance: '9', low: '1h', high: '2h', cheap: '9', dear: '2' } }, 'risk.dear', /lower/],
    [
      { risk: { chance: '9', low: '1h', high: '2h', cheap: '-1', dear: '2' } },
      'risk.cheap',
      /less/,
    ],
    [
      { risk: { chance: '9', low: 'long', high: '2h', cheap: '1', dear: '2' } },
      'risk.low',
      /hours/,
    ],
  ])('says beside the field what is wrong: %j', (over, field, message) => {
    expect(said(over)).toEqual({ [field]: expect.stringMatching(message) as string });
  });
});
