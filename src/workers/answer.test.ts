import { added, chosen, houseOf, place, week } from '../core/testing/houses';
import { momentAt, plainDate } from '../core/units';
import { forecastInSteps } from '../core/forecast';
import { toTheEnd } from '../core/in-steps';
import { listen } from './answer';
import { inParts, joiner } from './parts';
import { PROTOCOL_VERSION, replySchema, type WorkerReply } from './protocol';

const NOW = momentAt(plainDate('2026-01-05'), 17 * 60);
const project = houseOf(added(place('a')), chosen('a', 'repaint'));
const message = (over: object) => ({
  protocolVersion: PROTOCOL_VERSION,
  id: 7,
  project,
  now: NOW,
  ...over,
});

/** All replies to a message, put together, in order, with a clock that ticks whenever it is read. */
function replies(over: object): WorkerReply[] {
  const heard: WorkerReply[] = [];
  const joined = joiner();
  const waiting: (() => void)[] = [];
  let time = 0;
  const hear = listen(
    (part) => {
      // What is sent has to read on the other side.
      const reply = joined(replySchema.parse(structuredClone(part)));
      if (reply) heard.push(reply);
    },
    (next) => waiting.push(next),
    () => (time += 5),
  );
  hear(message(over));
  for (let next = waiting.shift(); next; next = waiting.shift()) next();
  return heard;
}
const ask = (over: object) => replies(over).at(-1);

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
    const tried = ask({ kind: 'whatif', changes: option.changes });
    expect(replySchema.safeParse(tried).success).toBe(true);
    expect(tried).toMatchObject({ kind: 'whatif' });
  });

  it('sends many jobs in small parts that make the same answer again', () => {
    const house = houseOf(
      ...['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'].flatMap((id) => [
        added(place(id)),
        chosen(id, 'repaint'),
        chosen(id, 'new-ceiling'),
      ]),
    );
    const forecast = toTheEnd(forecastInSteps(house, NOW));
    if (!forecast.ok) throw new Error(forecast.error.code);
    const reply: WorkerReply = { id: 1, kind: 'forecast', forecast: forecast.value };
    const parts = inParts(reply);
    expect(parts.length).toBeGreaterThan(2);
    for (const part of parts) expect(JSON.stringify(part).length).toBeLessThan(100_000);
    const join = joiner();
    expect(parts.map((part) => join(part)).filter(Boolean)).toEqual([reply]);
    // Nothing is left over for a second answer.
    expect(parts.map((part) => join(part)).filter(Boolean)).toEqual([reply]);
  });

  it('shows the first plan before the improved one, of the same jobs', () => {
    const [first, ...others] = replies({ kind: 'forecast' });
    expect(first).toMatchObject({ id: 7, kind: 'progress' });
    expect(others.map(({ kind }) => kind)).toEqual(['forecast']);
    const jobs = (reply: WorkerReply | undefined) =>
      reply && 'forecast' in reply ? reply.forecast.plan.jobs.map(({ id }) => id) : [];
    expect(jobs(first)).toEqual(jobs(others[0]));
  });

  it('hears a cancel between two slices, and goes on with the newer question', () => {
    const heard: WorkerReply[] = [];
    const waiting: (() => void)[] = [];
    let time = 0;
    const hear = listen(
      (reply) => heard.push(reply),
      (next) => waiting.push(next),
      () => (time += 20),
    );
    hear(message({ kind: 'forecast', id: 1 }));
    hear(message({ kind: 'cancel', id: 1 }));
    hear(message({ kind: 'forecast', id: 2 }));
    for (let next = waiting.shift(); next; next = waiting.shift()) next();
    expect(heard.filter(({ id }) => id === 1).at(-1)).toEqual({ id: 1, kind: 'cancelled' });
    expect(heard.filter(({ id }) => id === 2).at(-1)).toMatchObject({ kind: 'forecast' });
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
