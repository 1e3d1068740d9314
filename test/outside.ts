import { readFileSync } from 'node:fs';
import { weighOptions } from '../src/core/weigh';
import { forecastHouse } from '../src/core/forecast';
import { toTheEnd } from '../src/core/in-steps';
import { tryOut } from '../src/core/whatif';
import { planCuts } from '../src/core/cuts';
import { ok } from '../src/core/result';
import { droppedWork } from '../src/core/survey/dropped';
import { scopeHistory } from '../src/core/survey/history';
import { deliveryOf, offersFor } from '../src/core/supplier';
import { momentAt, plainDate, type Moment } from '../src/core/units';
import type { KeyValue } from '../src/storage/key-value';
import type { Outside } from '../src/store';

/** Enough to fill every field; these tests look at the store, not at the days. */
const RUNS = 5;

/** A browser that can be switched off: after `steps` writes nothing lands any more, as when the page is killed. */
export class TestDatabase implements KeyValue {
  private stepsLeft = Infinity;
  writes = 0;

  constructor(readonly rows = new Map<string, string>()) {}

  /** The same device after a restart. */
  restarted(): TestDatabase {
    return new TestDatabase(this.rows);
  }

  killAfter(steps: number): this {
    this.stepsLeft = steps;
    return this;
  }

  private write(change: () => void): Promise<void> {
    // A killed page never hears back: no answer and no error.
    if (this.stepsLeft <= 0) return new Promise(() => undefined);
    this.stepsLeft -= 1;
    this.writes += 1;
    change();
    return Promise.resolve();
  }

  getItem(key: string) {
    return Promise.resolve(this.rows.get(key) ?? null);
  }
  getMany(keys: string[]) {
    return Promise.resolve(
      Object.fromEntries(keys.map((key) => [key, this.rows.get(key) ?? null])),
    );
  }
  getAllKeys() {
    return Promise.resolve([...this.rows.keys()]);
  }
  setItem(key: string, value: string) {
    return this.write(() => this.rows.set(key, value));
  }
  setMany(entries: Record<string, string>) {
    return this.write(() =>
      Object.entries(entries).forEach(([key, value]) => this.rows.set(key, value)),
    );
  }
  removeMany(keys: string[]) {
    return this.write(() => keys.forEach((key) => this.rows.delete(key)));
  }
}

/** A device whose disk is full: reads work, no write lands. */
export class FullDatabase extends TestDatabase {
  private refuse = () => Promise.reject(new Error('QuotaExceededError'));
  override setItem = this.refuse;
  override setMany = this.refuse;
}

export const EVENING: Moment = momentAt(plainDate('2026-01-06'), 21 * 60);

/** The world as the store sees it, with a plain clock and ids that can be read. */
export function testOutside(database: KeyValue, name = 'a'): Outside {
  let ids = 0;
  return {
    database,
    drafts: database,
    tabs: { tell: () => undefined, listen: () => undefined },
    planner: {
      forecast: (project, now, signal) =>
        Promise.resolve(signal.aborted ? undefined : forecastHouse(project, now, RUNS)),
      compare: (project, now, options) => Promise.resolve(weighOptions(project, now, options)),
      whatIf: (project, now, changes) => Promise.resolve(toTheEnd(tryOut(project, now, changes))),
      history: (events) => Promise.resolve(ok(scopeHistory(events as never))),
      dropped: (project) => Promise.resolve(ok(droppedWork(project))),
      cuts: (problem) => {
        const plan = planCuts(problem);
        return Promise.resolve(
          plan.ok ? plan : { ok: false, error: { code: 'cuts', error: plan.error } },
        );
      },
    },
    supplier: {
      offers: (enquiry) => Promise.resolve(offersFor(enquiry)),
      delivery: (orderId, promisedOn) => Promise.resolve(deliveryOf(orderId, promisedOn)),
    },
    laser: { measure: (length) => Promise.resolve({ kind: 'length', length }) },
    now: () => EVENING,
    stampTime: () => '2026-01-06T21:00:00',
    newId: () => `${name}-${++ids}`,
    shrinkPhoto: async (file) => {
      const text = await file.text();
      if (!text.startsWith('picture')) throw new Error('no picture');
      return `data:image/jpeg;base64,${text}`;
    },
    fetchDemo: () => Promise.resolve(readFileSync('demo/house.json', 'utf8')),
  };
}
