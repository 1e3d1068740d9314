/**
 * What the command line answers, in digests: every verb over the demo, the scopes, the kept samples of old journals
 * and fifty drawn houses. Moving and renaming changes none of them.
 */
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { writeProjectFile } from '../../src/core/files';
import { FIXTURES, SAMPLES } from '../freeze/frozen';
import { run } from '../run';
import { SCOPES, journalOf } from '../scopes/houses';
import { EXAMPLES, METRIC_EXAMPLES } from '../sums/examples';
import { drawnHouse } from './drawn';

export const KEPT = 'tools/digests/kept.json';
const DRAWN = 50;
const RUNS = ['--runs', '40', '--seed', '1'];

/** One question to the command line. */
type Question = { name: string; words: readonly string[]; input: string };

const ofHouse = (name: string, input: string): Question[] => [
  { name: `plan ${name}`, words: ['plan', '-'], input },
  { name: `forecast ${name}`, words: ['forecast', '-', ...RUNS], input },
  { name: `check ${name}`, words: ['check', '-'], input },
];

const file = (name: string) => readFileSync(name, 'utf8');

function houses(): Question[] {
  return [
    ...ofHouse('demo', file('demo/house.json')),
    ...SCOPES.flatMap((scope) => {
      const events = journalOf(scope);
      return ofHouse(scope.id, writeProjectFile({ projectId: scope.id, clock: null, events }));
    }),
    ...SAMPLES.flatMap((name) => ofHouse(name, file(`${FIXTURES}/${name}`))),
    ...Array.from({ length: DRAWN }, (_, at) => ofHouse(`drawn ${at + 1}`, drawnHouse(at + 1))),
  ].flat();
}

/** Lines said in the demo house: every third of its own days, in which they are read again. */
function lines(): Question[] {
  const project: unknown = JSON.parse(file('demo/house.json'));
  const days = file('tools/demo/days.txt')
    .split('\n')
    .flatMap((row) => row.split(' | ')[1] ?? []);
  return days
    .filter((_, at) => at % 3 === 0)
    .map((line) => ({
      name: `log ${line.slice(0, 40)}`,
      words: ['log', '-'],
      input: JSON.stringify({ project, line, today: '2026-03-14' }),
    }));
}

function sums(): Question[] {
  const asked = { ...EXAMPLES, ...METRIC_EXAMPLES };
  return Object.entries(asked).map(([name, { ask }]) => ({
    name: `takeoff ${name}`,
    words: ['takeoff', '-'],
    input: JSON.stringify(ask),
  }));
}

const instances = (): Question[] =>
  ['d30_01', 'd30_13', 'd60_02', 'd120_01'].map((name) => ({
    name: `rcpsp ${name}`,
    words: ['rcpsp', '-', '--schedules', '1000', '--seed', '1'],
    input: file(`bench/rcpsp/${name}.sm`),
  }));

const cuts = (): Question[] =>
  ['d01', 'd07', 'd13'].map((name) => ({
    name: `cuts ${name}`,
    words: ['cuts', '-'],
    input: file(`bench/cutting/${name}.json`),
  }));

/** A digest of each answer, by the name of its question. */
export function digestsNow(): Record<string, string> {
  const all = [...houses(), ...lines(), ...sums(), ...instances(), ...cuts()];
  return Object.fromEntries(
    all.map(({ name, words, input }) => {
      const answer = JSON.stringify(run(words, () => Buffer.from(input)));
      return [name, createHash('sha256').update(answer).digest('hex').slice(0, 16)];
    }),
  );
}
