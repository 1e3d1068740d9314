import { added, chosen, houseOf, place, week } from '../core/testing/houses';
import { momentAt, plainDate } from '../core/units';
import { answer } from './answer';
import { PROTOCOL_VERSION, replySchema } from './protocol';

const NOW = momentAt(plainDate('2026-01-05'), 17 * 60);
const project = houseOf(added(place('a')), chosen('a', 'repaint'));
const ask = (over: object) =>
  answer({ protocolVersion: PROTOCOL_VERSION, id: 7, project, now: NOW, ...over });

describe('the planner worker', () => {
  it('answers a forecast and a comparison in plain data that reads on the other side', () => {
    const forecast = ask({ kind: 'forecast' });
    expect(replySchema.safeParse(structuredClone(forecast)).success).toBe(true);
    expect(forecast).toMatchObject({ id: 7, kind: 'forecast' });
    const option = {
      id: 'x',
      title: 'x',
      changes: [{ type: 'pathChosen', payload: { path: 'rooms' } }],
      yearsGained: null,
      givesUp: '',
    };
    const weighed = ask({ kind: 'compare', options: [option] });
    expect(replySchema.safeParse(structuredClone(weighed)).success).toBe(true);
    expect(weighed).toMatchObject({ kind: 'compare', weighed: [{ id: 'x' }] });
  });

  it('says why when there is no plan, and nothing at all to what it cannot read', () => {
    const nobody = {
      ...project,
      people: project.people.map((person) => ({ ...person, week: week(0, 0) })),
    };
    expect(ask({ kind: 'forecast', project: nobody })).toMatchObject({
      kind: 'failed',
      error: { code: 'no-hours' },
    });
    expect(ask({ kind: 'dance' })).toBeUndefined();
    expect(ask({ kind: 'forecast', protocolVersion: 1 })).toBeUndefined();
    expect(
      ask({
        kind: 'compare',
        options: [
          {
            id: 'x',
            title: 'x',
            changes: [{ type: 'flood', payload: {} }],
            yearsGained: null,
            givesUp: '',
          },
        ],
      }),
    ).toBeUndefined();
  });
});
