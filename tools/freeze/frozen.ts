/** What old journals rely on, in digests: the schema of every kind of event, and what sample journals come to. */
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { readProjectFile } from '../../src/core/files';
import { JOURNAL_VERSION, REDUCER_VERSION, eventVersions } from '../../src/core/journal';
import { definitionOf } from '../../src/core/journal/events';

export const FIXTURES = 'src/core/journal/fixtures';
export const SAMPLES = ['demo.v1.json', 'every-event.v1.json'];

export type Frozen = {
  journal: number;
  /** `version digest` of each kind's payload schema. */
  events: Record<string, string>;
  reducer: number;
  /** What each sample journal comes to. */
  houses: Record<string, string>;
};

const digest = (value: unknown): string =>
  createHash('sha256').update(JSON.stringify(value)).digest('hex').slice(0, 16);

const schemaOf = (type: string): unknown => {
  const payload = definitionOf(type)?.payload;
  if (!payload) throw new Error(`no schema for ${type}`);
  return z.toJSONSchema(payload, { unrepresentable: 'any', io: 'input' });
};

function houseIn(sample: string): unknown {
  const file = readProjectFile(readFileSync(`${FIXTURES}/${sample}`, 'utf8'));
  if (!file.ok) throw new Error(`${sample} does not open: ${file.error.code}`);
  return file.value.project;
}

/** The state of the code. */
export const frozenNow = (): Frozen => ({
  journal: JOURNAL_VERSION,
  events: Object.fromEntries(
    Object.entries(eventVersions())
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([type, version]) => [type, `${version} ${digest(schemaOf(type))}`]),
  ),
  reducer: REDUCER_VERSION,
  houses: Object.fromEntries(SAMPLES.map((sample) => [sample, digest(houseIn(sample))])),
});

/** What was last frozen. */
export const frozenThen = (): Frozen =>
  JSON.parse(readFileSync(`${FIXTURES}/versions.json`, 'utf8')) as Frozen;

/** What changed without the number that says so. An empty list may be frozen. */
export function unannounced(then: Frozen, now: Frozen): string[] {
  const changed = Object.entries(now.events).flatMap(([type, is]) => {
    const was = then.events[type];
    if (was === undefined || was === is) return [];
    const [wasVersion, isVersion] = [parseInt(was, 10), parseInt(is, 10)];
    return isVersion > wasVersion ? [] : [`${type} changed and is still version ${isVersion}`];
  });
  const gone = Object.keys(then.events)
    .filter((type) => !(type in now.events))
    .map((type) => `${type} is gone; journals that hold it could not be read`);
  const kinds = JSON.stringify(then.events) !== JSON.stringify(now.events);
  const journal =
    kinds && now.journal <= then.journal
      ? ['JOURNAL_VERSION has to be raised with the events']
      : [];
  const houses = JSON.stringify(then.houses) !== JSON.stringify(now.houses);
  const reducer =
    houses && now.reducer <= then.reducer
      ? ['REDUCER_VERSION has to be raised: the samples come to other houses']
      : [];
  return [...changed, ...gone, ...journal, ...reducer];
}
