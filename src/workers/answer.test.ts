import { readFileSync } from 'node:fs';
import { added, chosen, houseOf, place, week } from '../core/testing/houses';
import { momentAt, plainDate } from '../core/units';
import { forecastInSteps } from '../core/planning/simulation';
import { standingOf } from '../core/planning/report';
import { offeredFor, quoteFor } from '../core/estimating/finishes';
import { shapeOf, slotOf, type Project, planningInputOf } from '../core/house';
import { toTheEnd } from '../core/in-steps';
import { changesBetween } from '../core/planning/input';
import { findCalculator } from '../core/estimating/calculators';
import { listen } from './answer';
import { inParts, joiner } from './parts';
import { PROTOCOL_VERSION, replySchema, type WorkerReply } from './protocol';

const NOW = momentAt(plainDate('2026-01-05'), 17 * 60);
const WALLS = slotOf('walls');
const project = houseOf(added(place('a')), chosen('a', 'repaint'));
/** A message about a house the worker knows nothing of yet. */
const message = ({ house = project, ...over }: { house?: Project } & Record<string, unknown>) => ({
  protocolVersion: PROTOCOL_VERSION,
  id: 7,
  from: null,
  state: 1,
  changes: changesBetween(null, planningInputOf(house)),
  now: NOW,
  standing: null,
  ...over,
});

/** All replies to a message, put together, in order, with a clock that ticks whenever it is read. */
function replies(over: Parameters<typeof message>[0]): WorkerReply[] {
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
const ask = (over: Parameters<typeof message>[0]) => replies(over).at(-1);

describe('sums and quotes in the worker', () => {
  const bed = place('bed');
  const sum = (fields: Record<string, unknown>, over: Record<string, unknown> = {}) =>
    ask({ kind: 'sum', sum: 'paint', fields, place: bed, units: 'imperial', ...over });

  it('come to what they come to outside of it', () => {
    const outside = findCalculator('paint')?.work(
      { on: 'walls' },
      { room: shapeOf(bed), units: 'imperial' },
    );
    expect(outside?.ok).toBe(true);
    expect(sum({ on: 'walls' })).toMatchObject({ kind: 'sum', worked: outside });
    const products = offeredFor(project, 'walls');
    const quotes = products.map((product) => quoteFor(bed, WALLS, product, 'imperial'));
    expect(quotes.filter(({ ok }) => ok).length).toBeGreaterThan(1);
    expect(
      ask({ kind: 'quotes', place: bed, slot: WALLS, products, units: 'imperial' }),
    ).toMatchObject({ kind: 'quotes', quotes });
  });

  it('say what is missing, and refuse what nobody may ask', () => {
    expect(sum({}, { place: null })).toMatchObject({ worked: { ok: false } });
    for (const unread of [sum({ coats: 'many' }), sum({}, { sum: 'nothing' })]) {
      expect(unread).toMatchObject({ kind: 'failed', error: { code: 'broke-down' } });
    }
  });
});

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
    const tried = ask({ kind: 'whatif', tries: option.changes });
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
    const forecast = toTheEnd(forecastInSteps(planningInputOf(house), NOW));
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

  it('says that it is at work where the answer takes long', () => {
    const heard: WorkerReply[] = [];
    const waiting: (() => void)[] = [];
    let time = 0;
    const hear = listen(
      (reply) => heard.push(reply),
      (next) => waiting.push(next),
      () => (time += 1_000),
    );
    hear(message({ kind: 'forecast' }));
    for (let next = waiting.shift(); next; next = waiting.shift()) next();
    const words = heard.map(({ kind }) => kind);
    expect(words.filter((kind) => kind === 'working').length).toBeGreaterThan(3);
    expect(words.at(-1)).toBe('forecast');
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
    expect(ask({ kind: 'forecast', house: nobody })).toMatchObject({
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

  it('is told what changed only, and asks for everything when it stands at another state', () => {
    const heard: WorkerReply[] = [];
    const hear = listen(
      (reply) => heard.push(reply),
      (next) => next(),
      () => 0,
    );
    const more = houseOf(added(place('a')), chosen('a', 'repaint'), added(place('b')));
    const [before, after] = [planningInputOf(project), planningInputOf(more)];
    const changes = changesBetween(before, after);
    hear(message({ kind: 'dropped', id: 1 }));
    hear(message({ kind: 'forecast', id: 2, from: 1, state: 2, changes }));
    hear(message({ kind: 'dropped', id: 3, from: 1, state: 3, changes }));
    hear(message({ kind: 'dropped', id: 4 }));
    expect(heard.at(0)).toMatchObject({ id: 1, kind: 'dropped' });
    expect(heard.filter(({ id }) => id === 2).at(-1)).toMatchObject({ kind: 'forecast' });
    expect(heard.find(({ id }) => id === 3)).toEqual({ id: 3, kind: 'behind' });
    expect(heard.at(-1)).toMatchObject({ id: 4, kind: 'dropped' });
  });

  it('brings the plan back that stood, when the house is what it was', () => {
    const heard: WorkerReply[] = [];
    const joined = joiner();
    const hear = listen(
      (part) => {
        const reply = joined(part);
        if (reply) heard.push(reply);
      },
      (next) => next(),
      () => 0,
    );
    const more = houseOf(added(place('a')), chosen('a', 'repaint'), added(place('b')));
    const planOf = (id: number) => {
      const reply = heard.filter((each) => each.id === id).at(-1);
      return reply?.kind === 'forecast' ? reply.forecast.plan : null;
    };
    hear(message({ kind: 'forecast', id: 1 }));
    hear(message({ kind: 'forecast', id: 2, house: more }));
    const other = planOf(2);
    const late = other && {
      ...standingOf(other),
      jobs: standingOf(other).jobs.map((job) => ({ ...job, stretches: [] })),
    };
    hear(message({ kind: 'forecast', id: 3, standing: late }));
    expect(planOf(1)).not.toBeNull();
    expect(planOf(3)).toEqual(planOf(1));
  });

  it('reads a file, from text or from a chosen one, in parts that are small', async () => {
    const text = readFileSync('demo/house.json', 'utf8');
    const { events: written } = JSON.parse(text) as { events: unknown[] };
    const heard: WorkerReply[] = [];
    const hear = listen(
      (reply) => heard.push(replySchema.parse(structuredClone(reply))),
      (next) => next(),
      () => 0,
    );
    const asked = { protocolVersion: PROTOCOL_VERSION, kind: 'read-file' };
    hear({ ...asked, id: 1, file: text });
    hear({ ...asked, id: 2, file: new Blob([text]) });
    hear({ ...asked, id: 3, file: text.slice(0, 2_000) });
    await new Promise((resolve) => setImmediate(resolve));
    await new Promise((resolve) => setImmediate(resolve));
    for (const id of [1, 2]) {
      const replies = heard.filter((reply) => reply.id === id);
      const events = replies.flatMap((reply) => (reply.kind === 'file-part' ? reply.events : []));
      expect(events).toHaveLength(written.length);
      expect(replies.at(-1)).toMatchObject({ kind: 'file', name: 'Old bakery, Quince Lane' });
    }
    expect(heard.find(({ id }) => id === 3)).toMatchObject({
      kind: 'file-refused',
      error: { code: 'truncated' },
    });
  });
});
