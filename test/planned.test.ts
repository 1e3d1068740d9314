import { planningInputOf } from '../src/core/house';
import { standingOf, type Plan, type Standing } from '../src/core/planning/report';
import { planHouse } from '../src/core/planning/plan-house';
import { chosen } from '../src/core/testing/houses';
import {
  createStore,
  hearTabs,
  importHouse,
  keep,
  openCurrent,
  openDemo,
  switchHouse,
  undoLast,
  type Store,
} from '../src/store';
import { bringInNew } from '../src/store/bring-in';
import { fileOf, projectOf, start } from './life';
import { EVENING, TestDatabase, idle, testOutside, thatPlans } from './outside';

const settled = () => new Promise((resolve) => setImmediate(resolve));

/** A page whose planner plans. */
async function opened(database: TestDatabase, name = 'a'): Promise<Store> {
  const store = createStore(thatPlans(testOutside(database, name)));
  store.dispatch(hearTabs());
  await store.dispatch(openCurrent());
  await settled();
  return store;
}

async function planOf(store: Store): Promise<Plan> {
  await settled();
  const { forecast } = store.getState().planning;
  if (!forecast) throw new Error('nothing planned');
  return forecast.plan;
}

const daysOf = ({ jobs }: Plan) => jobs.map(({ id, start, finish }) => [id, start, finish]);
const idsOf = ({ jobs }: Plan) => jobs.map(({ id }) => id).toSorted();

/** The jobs the open house asks for, found without the store. */
function askedFor(store: Store): string[] {
  const project = projectOf(store);
  const plan = project && planHouse(planningInputOf(project), EVENING, { schedules: 1 });
  if (!plan?.ok) throw new Error('no plan');
  return idsOf(plan.value);
}

describe('the plan a page shows', () => {
  it('is of the house as it now is: after a line, and after it is taken back', async () => {
    const store = await opened(new TestDatabase());
    await start(store);
    const first = await planOf(store);
    expect(idsOf(first)).toEqual(askedFor(store));
    await store.dispatch(keep([chosen('a', 'new-floor')], 'kept'));
    const more = await planOf(store);
    expect(idsOf(more)).toEqual(askedFor(store));
    expect(more.jobs.length).toBeGreaterThan(first.jobs.length);
    await store.dispatch(undoLast());
    expect(daysOf(await planOf(store))).toEqual(daysOf(first));
  });

  it('is, of the demo, the one it came with; one that does not read is looked for', async () => {
    const outside = testOutside(new TestDatabase());
    const asked: unknown[] = [];
    outside.planner.forecast = ({ standing }) => Promise.resolve(void asked.push(standing));
    const { house } = await outside.fetchDemo();
    const came: Standing = { basis: 'b', keptShares: {}, queue: [], jobs: [] };
    let plan: string | null = null;
    outside.fetchDemo = () => Promise.resolve({ house, plan });
    const store = createStore(outside);
    for (plan of [JSON.stringify(came), '{"jobs":', null]) {
      await store.dispatch(openDemo({ afresh: true }));
      await settled();
    }
    expect(asked).toEqual([came, null, null]);
  });

  it('is asked for from the plan of the house itself, not of the one open before it', async () => {
    const outside = thatPlans(testOutside(new TestDatabase()));
    const asked: (string | undefined)[] = [];
    const { forecast } = outside.planner;
    outside.planner.forecast = (of, ...more) => {
      asked.push(of.standing?.basis);
      return forecast(of, ...more);
    };
    const { house } = await outside.fetchDemo();
    const plan: Standing = { basis: 'of the demo', keptShares: {}, queue: [], jobs: [] };
    outside.fetchDemo = () => Promise.resolve({ house, plan: JSON.stringify(plan) });
    const store = createStore(outside);
    await start(store);
    const own = await planOf(store);
    await idle();
    const { id } = store.getState().session.current!;
    await store.dispatch(openDemo());
    await settled();
    await store.dispatch(switchHouse(id));
    expect(daysOf(await planOf(store))).toEqual(daysOf(own));
    // Put in place anew, the demo is at its beginning again.
    await store.dispatch(openDemo({ afresh: true }));
    await settled();
    expect(asked).toEqual([undefined, plan.basis, own.basis, plan.basis]);
  });

  it('stands over a reload: the next one is planned from it', async () => {
    const database = new TestDatabase();
    const store = await opened(database);
    await start(store);
    const before = await planOf(store);
    await idle();
    const asked: unknown[] = [];
    const outside = testOutside(database.restarted());
    outside.planner.forecast = ({ standing }) => Promise.resolve(void asked.push(standing));
    await createStore(outside).dispatch(openCurrent());
    await settled();
    expect(asked).toEqual([standingOf(before)]);
  });

  it('is of both once what is new on the other phone is in', async () => {
    const one = await opened(new TestDatabase(), 'a');
    await start(one);
    const two = await opened(new TestDatabase(), 'b');
    await two.dispatch(importHouse(await fileOf(one)));
    await one.dispatch(keep([chosen('a', 'new-floor')], 'kept'));
    await two.dispatch(keep([chosen('a', 'repaint')], 'kept'));
    await two.dispatch(bringInNew((await fileOf(one)) as unknown as Blob));
    const both = await planOf(two);
    expect(idsOf(both)).toEqual(askedFor(two));
    expect(both.jobs.length).toBeGreaterThan((await planOf(one)).jobs.length);
  });
});
