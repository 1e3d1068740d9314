import { planningInputOf } from '../core/house';
import { houseOf } from '../core/testing/houses';
import { moment } from '../core/units';
import { workerPlanner } from './planner';
import type { WorkerReply, WorkerRequest } from './protocol';

/** A worker that answers what the test lets it answer, and otherwise keeps still. */
class StillWorker {
  static made: StillWorker[] = [];
  readonly sent: WorkerRequest[] = [];
  ended = false;
  private readonly ears = new Set<(event: { data: WorkerReply }) => void>();

  constructor() {
    StillWorker.made.push(this);
  }
  addEventListener(kind: string, ear: (event: { data: WorkerReply }) => void): void {
    if (kind === 'message') this.ears.add(ear);
  }
  removeEventListener(_: string, ear: (event: { data: WorkerReply }) => void): void {
    this.ears.delete(ear);
  }
  postMessage(request: WorkerRequest): void {
    this.sent.push(request);
  }
  terminate(): void {
    this.ended = true;
  }
  say(reply: WorkerReply): void {
    this.ears.forEach((ear) => ear({ data: reply }));
  }
}

const PROBLEM = { kerf: 0, stock: [], pieces: [] };
const NONE = { basis: '', keptShares: {}, queue: [], jobs: [] };
const worker = (at: number): StillWorker => {
  const made = StillWorker.made[at];
  if (!made) throw new Error(`no worker ${at}`);
  return made;
};
const idOf = (at: number) => worker(at).sent[0]?.id ?? 0;
const never = () => new AbortController().signal;

beforeEach(() => {
  jest.useFakeTimers();
  StillWorker.made = [];
  Object.assign(globalThis, {
    Worker: StillWorker,
    window: { location: { href: 'http://house/' } },
  });
});
afterEach(() => jest.useRealTimers());

describe('a planner that hears nothing', () => {
  it('starts the worker anew once, with the same question', async () => {
    const answer = workerPlanner().cuts(PROBLEM, never());
    await jest.advanceTimersByTimeAsync(30_000);
    expect(StillWorker.made).toHaveLength(2);
    expect(worker(0).ended).toBe(true);
    expect(worker(1).sent).toMatchObject([{ kind: 'cuts', problem: PROBLEM }]);
    worker(1).say({ id: idOf(1), kind: 'failed', error: { code: 'broke-down', detail: 'heard' } });
    expect(await answer).toEqual({ ok: false, error: { code: 'broke-down', detail: 'heard' } });
  });

  it('says so when the second one keeps still too', async () => {
    const answer = workerPlanner().cuts(PROBLEM, never());
    await jest.advanceTimersByTimeAsync(60_000);
    expect(await answer).toMatchObject({ ok: false, error: { detail: 'no answer in time' } });
    expect(StillWorker.made).toHaveLength(2);
  });

  it('waits on as long as the worker says that it is at work', async () => {
    const answer = workerPlanner().cuts(PROBLEM, never());
    for (let word = 0; word < 4; word += 1) {
      await jest.advanceTimersByTimeAsync(20_000);
      worker(0).say({ id: idOf(0), kind: 'working' });
    }
    worker(0).say({ id: idOf(0), kind: 'failed', error: { code: 'broke-down', detail: 'heard' } });
    expect(await answer).toMatchObject({ ok: false, error: { detail: 'heard' } });
    expect(StillWorker.made).toHaveLength(1);
  });

  it('looks for a better plan only while nobody waits for an answer', async () => {
    const planner = workerPlanner();
    const asked = { house: planningInputOf(houseOf()), now: moment(0), standing: NONE };
    const looked = planner.improve(asked, never());
    const tried = planner.whatIf(asked, [], never());
    expect(await looked).toBeUndefined();
    expect(worker(0).sent.map(({ kind }) => kind)).toEqual(['improve', 'cancel']);
    expect(await planner.improve(asked, never())).toBeUndefined();
    worker(1).say({ id: idOf(1), kind: 'failed', error: { code: 'broke-down', detail: 'heard' } });
    await tried;
    void planner.improve(asked, never());
    expect(worker(0).sent.map(({ kind }) => kind)).toEqual(['improve', 'cancel', 'improve']);
  });

  it('waits on while parts of the answer come in, and asks no more once a newer edit has come', async () => {
    const stop = new AbortController();
    const answer = workerPlanner().cuts(PROBLEM, stop.signal);
    for (let part = 0; part < 4; part += 1) {
      await jest.advanceTimersByTimeAsync(20_000);
      worker(0).say({ id: idOf(0), kind: 'jobs', jobs: [] });
    }
    expect(worker(0).ended).toBe(false);
    stop.abort();
    expect(await answer).toBeUndefined();
    await jest.advanceTimersByTimeAsync(90_000);
    expect(StillWorker.made).toHaveLength(1);
    expect(worker(0).sent.map(({ kind }) => kind)).toEqual(['cuts', 'cancel']);
  });
});
