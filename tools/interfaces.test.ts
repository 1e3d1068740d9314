/** The promises of docs/interfaces.md that can be tested without a browser. */
import { readFileSync } from 'node:fs';
import * as core from '../src/core';
import * as files from '../src/core/files';
import * as forecast from '../src/core/forecast';
import { momentAt, plainDate } from '../src/core/units';
import { run as answerTo } from './run';

const DEMO = 'demo/house.json';
const text = readFileSync(DEMO, 'utf8');

const run = (words: readonly string[], input: string | Uint8Array = '') => {
  const answer = answerTo(words, () => (typeof input === 'string' ? Buffer.from(input) : input));
  return {
    value: 'value' in answer ? answer.value : undefined,
    fault: 'fault' in answer ? answer.fault : '',
  };
};
const json = (words: readonly string[], input: string | Uint8Array = ''): Record<string, unknown> =>
  run(words, input).value as Record<string, unknown>;
const demo = () => {
  const file = core.readProjectFile(text);
  if (!file.ok) throw new Error(file.error.code);
  return file.value;
};

describe('the command line', () => {
  it('knows its seven verbs, and answers malformed input with one line', () => {
    for (const verb of ['plan', 'forecast', 'takeoff', 'cuts', 'rcpsp', 'log', 'check']) {
      const { value, fault } = run([verb, '-'], 'nonsense');
      expect({ verb, value, fault }).toEqual({
        verb,
        value: undefined,
        fault: expect.stringMatching(/^.+$/),
      });
    }
  });

  it('plan keeps its fields', () => {
    const plan = json(['plan', DEMO]) as {
      jobs: Record<string, unknown>[];
      gates: Record<string, Record<string, unknown>>;
      orders: Record<string, unknown>[];
    };
    expect(Object.keys(plan.jobs[0] ?? {})).toEqual(
      expect.arrayContaining([
        'id',
        'place',
        'title',
        'stage',
        'state',
        'start',
        'finish',
        'hoursLeft',
        'waitsFor',
        'slackDays',
      ]),
    );
    expect(Object.keys(plan.gates)).toEqual(['sleep', 'live', 'done']);
    expect(Object.keys(plan.gates.live ?? {})).toEqual(
      expect.arrayContaining(['date', 'jobsLeft', 'checksLeft', 'hoursLeft']),
    );
    expect(Object.keys(plan.orders[0] ?? {})).toEqual(
      expect.arrayContaining(['item', 'quantity', 'unit', 'job', 'orderBy', 'neededBy', 'state']),
    );
  });

  it('forecast keeps its percentiles', () => {
    const { gates } = json(['forecast', DEMO, '--runs', '20', '--seed', '1']) as {
      gates: Record<string, Record<string, unknown>>;
    };
    expect(Object.keys(gates.live ?? {})).toEqual(
      expect.arrayContaining(['p10', 'p50', 'p80', 'p95']),
    );
  });

  it('every verb that takes a house takes its zip too', () => {
    const zip = new files.HouseZip();
    const packed = Buffer.concat([...zip.add({ house: [text] }), ...zip.end()]);
    expect(json(['check', '-'], packed)).toEqual({ ok: true });
    for (const words of [
      ['plan', '-', '--today', '2026-03-14'],
      ['forecast', '-', '--today', '2026-03-14', '--runs', '20'],
    ]) {
      expect(run(words, packed)).toEqual(run(words, text));
    }
    expect(run(['plan', '-'], packed.subarray(0, packed.length - 40)).fault).toBe(
      'file: cut off before its end',
    );
  });

  it('check counts what cannot be read, and passes', () => {
    expect(json(['check', '-'], text)).toEqual({ ok: true });
    const file = JSON.parse(text) as { events: object[] };
    const carried = JSON.stringify({ ...file, unread: ['torn {'] });
    expect(json(['check', '-'], carried)).toEqual({ ok: true, unread: 1, setAside: [] });
    const beyond = { ...file.events[5], id: 'beyond', counter: -1 };
    const file2 = JSON.stringify({ ...file, events: [...file.events, beyond] });
    expect(run(['check', '-'], file2)).toMatchObject({
      value: { ok: true, unread: 1, setAside: [{ path: `events.${file.events.length}.counter` }] },
      fault: '',
    });
  });

  it('log takes the project, a line of ten thousand letters and the day', () => {
    const line = `note ${'rain '.repeat(1_990)}`.trim();
    const asked = JSON.stringify({
      project: JSON.parse(text) as object,
      line,
      today: '2026-03-14',
    });
    const answer = json(['log', '-'], asked);
    expect(Object.keys(answer)).toEqual(expect.arrayContaining(['entries', 'questions']));
  });
});

describe('the doors of the core', () => {
  it('open a file, plan and forecast it, and read a line', () => {
    const { project } = demo();
    const now = momentAt(plainDate('2026-03-14'), 510);
    expect(core.planHouse(project, now)).toMatchObject({ ok: true });
    const drawn = core.forecastHouse(project, now, 20);
    expect(drawn.ok && Object.keys(drawn.value.gates.live)).toEqual(
      expect.arrayContaining(['likely', 'fairlySafe']),
    );
    const context = core.contextOf(project, core.logJobs(project), plainDate('2026-03-14'));
    expect(core.readLine('2h me taping back bedroom', context)).toHaveProperty(
      'date',
      '2026-03-14',
    );
    expect(files.readProjectFile).toBe(core.readProjectFile);
    expect(forecast.forecastHouse).toBe(core.forecastHouse);
    const plan = core.planHouse(project, now);
    if (!plan.ok) throw new Error(plan.error.code);
    const again = core.planHouse(project, now, { standing: core.standingOf(plan.value) });
    expect(again.ok && again.value.gates).toEqual(plan.value.gates);
    expect(core.drawForecast(project, now, { runs: 5, seed: 1 })).toMatchObject({ ok: true });
  });

  it('job ids are place/step', () => {
    const plan = core.planHouse(demo().project, momentAt(plainDate('2026-03-14'), 510));
    if (!plan.ok) throw new Error(plan.error.code);
    for (const { id } of plan.value.jobs) expect(id).toMatch(/^[^/]+\/[a-z]+\.[a-z-]+(?:#\d+)?$/);
  });
});

describe('files', () => {
  it('version 1 opens as it was written, hours and progress entries included, and is written the same', () => {
    const sample = readFileSync('src/core/journal/fixtures/demo.v1.json', 'utf8');
    const read = files.readProjectFile(sample);
    if (!read.ok) throw new Error(read.error.code);
    expect(read.value.setAside).toEqual([]);
    const kinds = read.value.events.flatMap((event) =>
      event.type === 'dayLogged' ? event.payload.entries.map(({ kind }) => kind) : [],
    );
    expect(new Set(kinds)).toEqual(
      new Set(['hours', 'progress', 'money', 'material', 'find', 'decision', 'note']),
    );
    const out = files.writeProjectFile(read.value);
    expect(JSON.parse(out)).toMatchObject({ format: 'fresh-porch/project', version: 1 });
    const again = files.readProjectFile(out);
    expect(again.ok && files.writeProjectFile(again.value)).toBe(out);
  });
});
